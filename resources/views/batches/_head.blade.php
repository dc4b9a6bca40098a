<p class="lead">
    {{ count($rundown->ids) }} {{ count($rundown->ids) === 1 ? 'short' : 'shorts' }}
    @if ($rundown->counts['over'])· <b class="is-over">{{ $rundown->counts['over'] }} too long</b>@endif
    @if ($rundown->counts['late'])· {{ $rundown->counts['late'] }} with a late hook @endif
    @if ($rundown->counts['failed'])· {{ $rundown->counts['failed'] }} failed @endif
    · {{ $rundown->counts['ready'] }} ready
</p>
