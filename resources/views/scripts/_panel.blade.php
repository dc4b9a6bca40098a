{{-- The hook with what speaks for it and against, others to try; length and what could go; how it reads. --}}
@php($short = $panel->short)
@php($summary = $panel->summary)
@php($hookUrl = route('shorts.hook', $short))
@php($actUrl = route('batches.act', $short->batch_id))
<section class="panel-hook" aria-label="Hook">
    <h3>Hook <span @class(['is-late' => $summary->isHookLate()])>
        {{ $panel->hook->seconds }} s of {{ $panel->hook->window }}
    </span></h3>
    <p class="hook-words">{{ $panel->hook->text }}</p>
    <ul class="findings">@foreach ($panel->hook->findings as $finding)<x-finding :$finding/>@endforeach</ul>
    <h4>Others to try</h4>
    <ul class="hooks">
        @foreach ($panel->hook->others as $other)
            <li>
                <p>
                    {{ $other->text }}
                    <span class="quiet">{{ $other->from }} · <span
                        @class(['is-late' => $other->isLate])>{{ $other->seconds }} s</span></span>
                </p>
                @if ($other->findings !== [])<p class="quiet">{{ $other->verdict() }}</p>@endif
                <span class="hook-acts">
                    @php($uses = [
                        'instead' => 'Say instead', 'before' => 'Say before', 'short' => 'Make a short of it',
                    ])
                    @foreach ($uses as $do => $name)
                        <button type="button" class="link" data-do="{{ $hookUrl }}"
                            data-body="{{ json_encode(['do' => $do, 'text' => $other->text]) }}"
                            aria-label="{{ $name }}: {{ $other->text }}">{{ $name }}</button>
                    @endforeach
                    @if ($other->kept)
                        <button type="button" class="link" data-do="{{ $hookUrl }}"
                            data-body="{{ json_encode(['do' => 'drop', 'id' => $other->kept->id]) }}"
                            aria-label="Drop the hook {{ $other->text }}">Drop</button>
                    @else
                        <button type="button" class="link" data-do="{{ $hookUrl }}"
                            data-body="{{ json_encode(['do' => 'keep', 'text' => $other->text]) }}"
                            aria-label="Keep the hook {{ $other->text }}">Keep</button>
                    @endif
                </span>
            </li>
        @endforeach
        @php($kept = count(array_filter($panel->hook->others, fn ($other) => $other->kept !== null)))
        @if ($kept > 1)
            <li><button type="button" class="btn btn-sm btn-outline-dark" data-do="{{ $actUrl }}"
                data-body="{{ json_encode(['act' => 'hooks', 'shorts' => [$short->id]]) }}">Make a short of each of
                the {{ $kept }} that are kept</button></li>
        @endif
    </ul>
    {{-- Not in the list: it stays itself, with what is being typed, as the list grows. --}}
    <div class="hook-own">
        <input class="form-control form-control-sm" maxlength="400" placeholder="Write another hook"
            aria-label="Another hook"
            data-own="{{ $hookUrl }}">
        <button type="button" class="btn btn-sm btn-outline-dark" data-do="{{ $hookUrl }}"
            data-body="{{ json_encode(['do' => 'keep']) }}" data-takes="text">Keep</button>
    </div>
</section>
<section class="panel-length" aria-label="Length">
    <h3>
        Length
        <span @class(['is-over' => $summary->isOver()])>{{ $summary->isEstimated() ? '≈ ' : '' }}{{
            number_format($summary->times->durationMs / 1000, 1)
        }} s {{ $panel->fit }}</span>
    </h3>
    @if ($panel->trim)
        @php($steps = $panel->trim->steps)
        <p class="quiet">What the text misses least, in this order; hook and close stay.</p>
        <ol class="trim">
            @foreach ($steps as $i => $step)
                <li>
                    <span class="trim-words">{{ $step->sentence }}</span>
                    <span class="num">then <b @class(['is-over' => $summary->limits->over($step->durationMs) > 0])>{{
                        number_format($step->durationMs / 1000, 1)
                    }} s</b></span>
                    @if (count($steps) > 1)
                        <button type="button" class="link" data-do="{{ $actUrl }}"
                            data-body="{{
                                json_encode(['act' => 'trim', 'shorts' => [$short->id], 'value' => $i + 1])
                            }}"
                            aria-label="Leave out the first {{ $i + 1 }}">{{
                                $i === 0 ? 'Leave it out' : 'Leave out '.($i + 1)
                            }}</button>
                    @endif
                </li>
            @endforeach
        </ol>
        @if ($steps !== [])
            <button type="button" class="btn btn-sm btn-primary" data-do="{{ $actUrl }}"
                data-body="{{ json_encode(['act' => 'trim', 'shorts' => [$short->id]]) }}">Leave {{
                    count($steps) === 1 ? 'it' : 'all '.count($steps)
                }} out</button>
        @endif
        @unless ($panel->trim->fits)
            <p class="flag">Even then it is too long: hook and close alone go over the limit.</p>
        @endunless
    @endif
    @php($reading = $panel->readability)
    <p class="reading-ease">
        {{ $reading->words }} words in {{ $reading->sentences }} sentences
        @if ($reading->ease() !== null)
            · reading ease {{ number_format($reading->ease(), 0) }} ({{ $reading->formula() }}): {{ $reading->says() }}
        @endif
    </p>
    @foreach ($reading->longSentences as $sentence)
        <p class="flag">Long: “{{ Illuminate\Support\Str::limit($sentence, 90) }}”</p>
    @endforeach
</section>
