@forelse ($history as $line)
    <li @class(['is-undone' => $line->isUndone])>
        <span class="history-when">{{ $line->when }}</span>
        <span class="history-what">{{ $line->what }}@if ($line->isUndone) <em>(undone)</em>@endif</span>
        <span class="history-who">{{ implode(' · ', array_filter([$line->which, $line->by])) }}</span>
        @if ($line->look)<a href="{{ $line->look }}">As it was before</a>@endif
    </li>
@empty
    <li class="quiet">Nothing was changed yet.</li>
@endforelse
