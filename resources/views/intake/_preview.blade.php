@forelse ($shorts as $short)
    <article @class(['fate', 'is-bad' => ! $short['usable']])>
        <header>
            <span class="number">{{ sprintf('%02d', $short['number']) }}</span>
            @if ($short['usable'])
                <h2>{{ $short['title'] }}</h2>
                <span class="num"><b @class(['is-over' => $short['strip']->over])>≈ {{ $short['strip']->seconds }}</b> / {{ $short['strip']->limitSeconds }} s</span>
            @else
                <h2>{{ $short['begin'] }}</h2>
            @endif
        </header>
        @if ($short['usable'])
            <x-strip :strip="$short['strip']"/>
            <p class="fate-hook"><b>Hook</b> {{ $short['hook'] }} <span class="{{ $short['strip']->hookLate ? 'is-late' : '' }}">≈ {{ $short['strip']->hookSeconds }} s of 3</span></p>
            <p class="quiet">{{ $short['scenes'] }} scenes · {{ $short['words'] }} words</p>
            @foreach ($short['flags'] as $flag)
                <p class="flag">{{ $flag->message }}</p>
            @endforeach
            <details @if (count($shorts) === 1) open @endif>
                <summary>What is spoken, and what is not</summary>
                <div class="spoken">
                    @foreach ($short['lines'] as $runs)
                        @if ($runs !== [])<p>@foreach ($runs as $run)@if ($run->kind->isSpoken()){{ $run->text }}@else<s title="{{ $run->kind->value }}, not spoken">{{ trim($run->text) }}</s> @endif @endforeach</p>@endif
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
