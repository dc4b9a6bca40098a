@php($short = $detail->short())
<header class="review-of" data-clearable="{{ $detail->canClear() ? 'yes' : 'no' }}">
    <h2 dir="auto">{{ sprintf('%02d', $short->number) }} {{ $short->title }}</h2>
    <p class="quiet">
        {{ $detail->plays() }} · {{ $detail->row->seconds() }} ·
        <a href="{{ route('sheet.show', $short) }}">Sheet</a> ·
        <a href="{{ route('captions.show', $short) }}">Captions</a> ·
        <a href="{{ route('shorts.show', $short) }}">Short</a>
    </p>
    @if ($short->problem)<p class="flag" role="alert">{{ $short->problem }}</p>@endif
</header>
@if ($detail->row->review->shown === null)
    <p class="quiet">It is being planned as it is now. What speaks against it comes with that.</p>
@elseif ($detail->findings() === [] && $detail->fileFindings() === [])
    <p class="review-fine">Nothing speaks against it.</p>
@endif
<ol class="review-findings">
    @foreach ($detail->fileFindings() as $one)
        <li class="review-finding is-warns">
            <p class="review-kind"><b>finished file</b>
                @if ($one['start_ms'] !== null)<button type="button" class="link" data-seek="{{ $one['start_ms'] }}">{{
                    number_format($one['start_ms'] / 1000, 1)
                }} s</button>@endif
                <span class="quiet">measured</span>
            </p>
            <p>{{ $one['message'] }}</p>
        </li>
    @endforeach
    @foreach ($detail->findings() as $line)
        <li @class(['review-finding', 'is-'.$line->rank()]) data-finding="{{ $line->key() }}">
            <p class="review-kind">
                <a class="review-name" title="What it means, and what to do"
                    href="{{ route('help') }}#{{ $line->anchor() }}">{{ $line->label() }}</a>
                @if ($line->startMs() === null)<span class="quiet">all of it</span>
                @else<button type="button" class="link" data-seek="{{ $line->startMs() }}">{{ $line->at() }}</button>
                @endif
                <span class="quiet">{{ $line->sure() }}</span>
                @if ($line->rank() === 'stops')<span class="review-stops">stops it</span>@endif
            </p>
            <p dir="auto">{{ $line->message() }}</p>
            @if ($line->waived() !== null)
                <p class="quiet">{{ $line->waived() }}
                    <button type="button" class="link" data-verb="unwaive">Let it count</button></p>
            @elseif ($line->rank() !== 'ignored')
                <p class="review-mends">
                    @if ($line->mend() !== null)
                        <button type="button" class="btn btn-sm btn-outline-dark" data-verb="mend">{{
                            $line->mend()
                        }}</button>
                        <button type="button" class="link" data-verb="preview">What changes?</button>
                    @endif
                    <a href="{{ $line->place() }}">Go there</a>
                    <button type="button" class="link" data-verb="ignore">Ignore here</button>
                </p>
                <p class="review-says quiet" data-says hidden></p>
                <form class="review-ignore" data-ignore hidden>
                    <input class="form-control form-control-sm" name="note" maxlength="1000"
                        aria-label="Why {{ $line->label() }} is ignored here" placeholder="Why, for others">
                    <button class="btn btn-sm btn-outline-dark" data-verb="waive">Ignore</button>
                </form>
            @else
                <p class="quiet">Ignored by the house style.</p>
            @endif
        </li>
    @endforeach
</ol>
@include('review._earlier')
