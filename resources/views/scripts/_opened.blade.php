@php($short = $panel->short)
<div class="opened">
    @include('scripts._panel')
    <section class="panel-script" aria-label="Script">
        <h3>Script <a href="{{ route('shorts.show', $short) }}">Edit</a> <a
            href="{{ route('briefs.show', $short) }}">Briefs</a></h3>
        @foreach ($panel->flags as $flag)<x-flag :$flag/>@endforeach
        <ol class="script">
            @foreach ($panel->manuscript->scenes as $i => $scene)
                <li class="script-{{ $scene->role->value }}">
                    @foreach ($panel->notesOf($i, true) as $number => $note)@include('scripts._note')@endforeach
                    {{ $scene->text }}
                    @foreach ($panel->notesOf($i, false) as $number => $note) @include('scripts._note')@endforeach
                </li>
            @endforeach
        </ol>
    </section>
</div>
