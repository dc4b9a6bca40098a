@props(['what', 'history', 'level', 'of', 'own' => 0])
{{-- What stands at the foot of a page of things that can be edited: its settings, and what was changed. --}}
<div class="below">
    <x-setting-panel class="settings" :$level :$of :$what :$own/>
    {{ $slot }}
    <details class="history">
        <summary>What was changed</summary>
        <ol x-ref="history">@include('history._list')</ol>
    </details>
</div>
