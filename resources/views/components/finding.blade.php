@props(['finding'])
<li class="{{ $finding->good ? 'is-good' : 'is-bad' }}">
    <span class="visually-hidden">{{ $finding->good ? 'For it:' : 'Against it:' }}</span>{{ $finding->message }}
</li>
