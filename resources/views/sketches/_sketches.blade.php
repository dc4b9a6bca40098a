@foreach ($sketches as $one)
    <article class="sketch">
        <header>
            <h3>{{ $one['sketch']->title }}</h3>
            <span class="quiet">
                {{ $one['what'] }} · {{ $one['sketch']->words() }} words · ≈ {{ $one['seconds'] }} s
            </span>
        </header>
        <p><b>{{ $one['sketch']->sentences[0] }}</b> {{ implode(' ', array_slice($one['sketch']->sentences, 1)) }}</p>
        @if ($one['sketch']->hooks !== [])
            <p class="quiet">Other hooks: {{ implode(' · ', $one['sketch']->hooks) }}</p>
        @endif
        <button type="button" class="btn btn-sm btn-outline-dark" data-take="{{ $one['text'] }}">
            Take to the intake
        </button>
    </article>
@endforeach
