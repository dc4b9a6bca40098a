@php($short = $row->short)
@php($summary = $row->summary())
<tr id="row-{{ $short->id }}" tabindex="-1"
    @class(['is-working' => $row->isWorking, 'is-version' => $short->version_of !== null]) data-id="{{ $short->id }}"
    data-open="{{ route('shorts.script', $short) }}" data-groups="{{ implode(' ', $row->groups()) }}"
    data-number="{{ $row->place() }}" data-title="{{ mb_strtolower($short->title) }}"
    data-length="{{ $summary?->wholeMs() ?? 0 }}" data-hook="{{ $summary?->hookOutMs() ?? 0 }}"
    data-pace="{{ round($summary?->wordsASecond() ?? 0, 2) }}" data-shot="{{ $summary?->meanShotMs() ?? 0 }}"
    data-state="{{ $row->state }}" data-leaves="{{ $row->leaves() }}">
<td class="tick">
    <input type="checkbox" class="form-check-input" id="choose-{{ $short->id }}" value="{{ $short->id }}"
        aria-label="Choose {{ $short->title }}">
</td>
<td class="number">
    <button type="button" class="opener" aria-expanded="false"
        aria-label="Hook, findings and script of {{ $short->title }}">{{
            $row->told['number'] ?? sprintf('%02d', $short->number) }}</button>
</td>
<td class="what">
    <a href="{{ route('shorts.show', $short) }}" dir="auto">{{ $short->title }}</a>
    <span>
        @if (($row->told['language'] ?? '') !== '')
            <a href="{{ route('versions.show', [$short->version_of, 'in' => $short->id]) }}">{{
                $row->told['language'] }}{{ $short->behind > 0 ? ", $short->behind behind" : '' }}</a> ·
        @endif
        {{ $short->scenes_count }} {{ $short->scenes_count === 1 ? 'scene' : 'scenes' }} · {{
            $row->told['voice'] ?? '' }}
        @if (($row->told['beside'] ?? '') !== '')· beside {{ $row->told['beside'] }}@endif
        @if ($short->publish_at)· {{ $short->publish_at->format('j M, H:i') }}@endif
    </span>
    @if ($row->flags !== [])
        <span class="flag">@foreach ($row->flags as $flag)<a title="{{ $flag->message }}"
            href="{{ route('help') }}#{{ App\Doors\Http\Presenters\Guide::anchor($flag->code->label()) }}">{{
                $flag->code->label() }}</a>@if (! $loop->last) · @endif @endforeach</span>
    @endif
    @if ($short->problem)<span class="flag" role="alert" title="{{ $short->problem }}">{{ $short->problem }}</span>
    @endif
</td>
<td class="axis">
    @if ($row->strip)<x-strip :strip="$row->strip"/>@else<span class="quiet">times come with the voice</span>@endif
</td>
<td class="num">
    @if ($row->strip)
        <b @class(['is-over' => $row->strip->isOver()])>{{ $row->strip->about() }}{{
            $row->strip->seconds()
        }}</b>
        <span class="under">{{ $row->strip->room() }}{{ $row->strip->isOver() ? ', over' : '' }}</span>
    @endif
</td>
<td class="num">
    @if ($row->strip)
        <b @class(['is-late' => $row->strip->isHookLate()])>{{ $row->strip->hookSeconds() }}</b>
        <span class="under">{{ $row->strip->isHookLate() ? 'late' : 'in time' }}</span>
    @endif
</td>
<td class="num">{{ $summary ? number_format($summary->wordsASecond(), 1) : '' }}</td>
<td class="num">
    {{ $summary ? number_format($summary->meanShotMs() / 1000, 1).' s' : '' }}
    <span class="under">{{ $summary ? $summary->shots().' shots' : '' }}</span>
</td>
<td class="how">@include('shorts._state', ['row' => $row])@include('shorts._others', ['row' => $row])</td>
<td class="files">
    @if ($row->done())
        <a href="{{ route('exports.file', [$row->done(), 'mp4', 'save' => 1]) }}" class="btn btn-sm btn-outline-dark"
            aria-label="Download {{ $short->title }} as MP4">MP4</a>
        <span class="under">
            {{ number_format($row->done()->bytes / 1048576, 1) }} MB{{ $row->isDraft() ? ', draft' : '' }}
        </span>
    @endif
</td>
</tr>
