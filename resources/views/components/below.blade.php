@props(['what', 'history'])
{{-- What stands at the foot of a page of things that can be edited: its settings, and what was changed. --}}
<div class="below">
    <details class="settings" id="settings">
        <summary>{{ $what }}</summary>
        <div class="scopes" x-ref="settings">{{ $slot }}</div>
    </details>
    <details class="history">
        <summary>What was changed</summary>
        <ol x-ref="history">@include('history._list')</ol>
    </details>
</div>
