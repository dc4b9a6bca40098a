<div class="opened">
    @include('scripts._panel')
    <section class="panel-script" aria-label="Script">
        <h3>Script <a href="{{ route('shorts.show', $short) }}">Edit</a> <a href="{{ route('briefs.show', $short) }}">Briefs</a></h3>
        @foreach ($flags as $flag)<p class="flag">{{ $flag->message }}</p>@endforeach
        <ol class="script">
            @foreach ($manuscript->scenes as $i => $scene)
                <li class="script-{{ $scene->role->value }}">@foreach ($manuscript->notes as $number => $note)@if ($note->scene === $i && $note->offset === 0)@include('scripts._note')@endif @endforeach{{ $scene->text }}@foreach ($manuscript->notes as $number => $note)@if ($note->scene === $i && $note->offset > 0) @include('scripts._note')@endif @endforeach</li>
            @endforeach
        </ol>
    </section>
</div>
