@foreach ($drafts as $one)
    <article class="draft">
        <header>
            <h3>{{ $one['draft']->title }}</h3>
            <span class="quiet">
                {{ $one['what'] }} · {{ $one['draft']->words() }} words · ≈ {{ $one['seconds'] }} s
            </span>
        </header>
        <p><b>{{ $one['draft']->sentences[0] }}</b> {{ implode(' ', array_slice($one['draft']->sentences, 1)) }}</p>
        <button type="button" class="btn btn-sm btn-outline-dark" data-take="{{ $one['text'] }}">
            Take to the intake
        </button>
    </article>
@endforeach
