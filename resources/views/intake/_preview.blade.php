@if ($topics !== [])
    <p class="notice">
        {{ count($topics) === 1 ? 'This looks like a topic.' : 'These look like topics.' }}
        <a href="{{ route('sketches', ['topics' => implode("\n", $topics)]) }}">Write sketches of
            {{ count($topics) === 1 ? 'it' : 'them' }}</a>, or go on here to have all of it said as it stands.
    </p>
@endif
@forelse ($shorts as $card)
    <article @class(['fate', 'is-bad' => $card->problem !== ''])>
        <header>
            <span class="number">{{ sprintf('%02d', $card->number) }}</span>
            <h2 dir="auto">{{ $card->title }}</h2>
            @if ($card->strip)
                <span class="num">
                    <b @class(['is-over' => $card->strip->isOver()])>≈ {{ $card->strip->seconds() }}</b>
                    {{ $card->strip->room() }}, {{ $card->fit() }}
                </span>
            @endif
        </header>
        @if ($card->strip)
            <x-strip :strip="$card->strip"/>
            <p class="fate-hook">
                <b>Hook</b> <bdi>{{ $card->hook() }}</bdi>
                <span class="{{ $card->strip->isHookLate() ? 'is-late' : '' }}">
                    ≈ {{ $card->strip->hookSeconds() }} s of {{ $card->strip->windowSeconds() }}
                </span>
            </p>
            <ul class="findings">@foreach ($card->findings as $finding)<x-finding :$finding/>@endforeach</ul>
            <p class="quiet">{{ $card->facts }}</p>
            @foreach ($card->planned->along->warnings as $warning)<p class="flag">{{ $warning }}</p>@endforeach
            @foreach ($card->flags() as $flag)<x-flag :$flag/>@endforeach
            @php($articles = $card->articles())
            @if ($articles !== [])
                <fieldset class="articles" data-keep="{{ $card->number - 1 }}">
                    <legend>This page seems to hold {{ count($articles) }} articles. Which do you keep? Each
                    becomes a script.</legend>
                    @foreach ($articles as $i => $article)
                        <label>
                            <input type="checkbox" class="form-check-input" value="{{ $i }}" @checked($i === 0)>
                            {{ $article->title }} <span class="quiet">{{ $article->words }} words</span>
                        </label>
                    @endforeach
                    <button type="button" class="btn btn-sm btn-outline-dark">Keep these</button>
                </fieldset>
            @endif
            <details @if (count($shorts) === 1) open @endif>
                <summary>{{
                    $card->notes === [] ? 'All of it is spoken' : 'Not spoken: '.implode(', ', $card->notes)
                }}</summary>
                <div class="spoken">
                    @foreach ($card->planned->script->lines as $line => $runs)
                        @if ($runs !== [])
                            <p>@foreach ($runs as $at => $run)@if ($run->kind->isSpoken()){{
                            $run->text }}@elseif ($run->kind->isNote())<button
                                type="button" class="note" data-say="{{ $card->number - 1 }},{{ $line }},{{ $at }}"
                                title="{{ ucfirst($run->kind->label()) }}, not spoken. Press to have it spoken."
                                ><s>{{ trim($run->text) }}</s></button> @endif @endforeach</p>
                        @endif
                    @endforeach
                </div>
            </details>
        @else
            <p class="flag" role="alert">{{ $card->problem }}</p>
        @endif
    </article>
@empty
    <div class="empty">
        <p class="empty-title">What will become of them</p>
        <p>
            As you paste, each script shows up here: its hook against the three-second rule, its scenes, its length
            against the target, and what will not be spoken.
        </p>
    </div>
@endforelse
