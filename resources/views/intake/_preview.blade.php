@forelse ($shorts as $short)
    <article @class(['fate', 'is-bad' => ! $short['usable']])>
        <header>
            <span class="number">{{ sprintf('%02d', $short['number']) }}</span>
            @if ($short['usable'])
                <h2>{{ $short['title'] }}</h2>
                <span class="num"><b @class(['is-over' => $short['strip']->over])>≈ {{ $short['strip']->seconds }}</b> / {{ $short['strip']->limitSeconds }} s, {{ $short['strip']->over ? 'over' : ($short['under'] ? 'under' : 'fits') }}</span>
            @else
                <h2>{{ $short['begin'] }}</h2>
            @endif
        </header>
        @if ($short['usable'])
            <x-strip :strip="$short['strip']"/>
            <p class="fate-hook"><b>Hook</b> {{ $short['hook'] }} <span class="{{ $short['strip']->hookLate ? 'is-late' : '' }}">≈ {{ $short['strip']->hookSeconds }} s of 3</span></p>
            <ul class="findings">
                @foreach (array_slice($short['findings'], 0, 4) as $finding)
                    @unless ($finding->code === 'in-time')<li class="{{ $finding->good ? 'is-good' : 'is-bad' }}"><span class="visually-hidden">{{ $finding->good ? 'For it:' : 'Against it:' }}</span>{{ $finding->message }}</li>@endunless
                @endforeach
            </ul>
            <p class="quiet">{{ $short['scenes'] }} {{ $short['scenes'] === 1 ? 'scene' : 'scenes' }} · {{ $short['words'] }} words{{ $short['hooks'] ? ' · '.$short['hooks'].' other '.($short['hooks'] === 1 ? 'hook' : 'hooks').' to try' : '' }}{{ $short['settled'] !== '' ? ' · '.$short['settled'] : '' }}</p>
            @foreach ($short['warnings'] as $warning)
                <p class="flag">{{ $warning }}</p>
            @endforeach
            @foreach ($short['flags'] as $flag)
                <p class="flag">{{ $flag->message }}</p>
            @endforeach
            @if ($short['articles'] !== [])
                <fieldset class="articles" data-keep="{{ $short['number'] - 1 }}">
                    <legend>This page seems to hold {{ count($short['articles']) }} articles. Which do you keep? Each becomes a script.</legend>
                    @foreach ($short['articles'] as $i => $article)
                        <label><input type="checkbox" class="form-check-input" value="{{ $i }}" @checked($i === 0)> {{ $article->title }} <span class="quiet">{{ $article->words }} words</span></label>
                    @endforeach
                    <button type="button" class="btn btn-sm btn-outline-dark">Keep these</button>
                </fieldset>
            @endif
            <details @if (count($shorts) === 1) open @endif>
                <summary>{{ $short['notes'] === [] ? 'All of it is spoken' : 'Not spoken: '.implode(', ', $short['notes']) }}</summary>
                <div class="spoken">
                    @foreach ($short['lines'] as $line => $runs)
                        @if ($runs !== [])<p>@foreach ($runs as $at => $run)@if ($run->kind->isSpoken()){{ $run->text }}@elseif ($run->kind->isNote())<button type="button" class="note" data-say="{{ $short['number'] - 1 }},{{ $line }},{{ $at }}" title="{{ ucfirst($run->kind->label()) }}, not spoken. Press to have it spoken."><s>{{ trim($run->text) }}</s></button> @endif @endforeach</p>@endif
                    @endforeach
                </div>
            </details>
        @else
            <p class="flag" role="alert">{{ $short['problem'] }}</p>
        @endif
    </article>
@empty
    <div class="empty">
        <p class="empty-title">What will become of them</p>
        <p>As you paste, each script shows up here: its hook against the three-second rule, its scenes, its length against the target, and what will not be spoken.</p>
    </div>
@endforelse
