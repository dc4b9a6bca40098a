@props(['flag'])
{{-- What is wrong with a short, and the way to what can be done. --}}
<p class="flag">{{ $flag->message }}
    <a href="{{ route('help') }}#{{ App\Doors\Http\Presenters\Guide::anchor($flag->code->label()) }}"
        aria-label="What to do about: {{ $flag->code->label() }}">What to do</a></p>
