{{-- What each choice does to a picture of the channel, before one is made. Given: key, footage, labels by choice. --}}
@php($now = collect($house->groups[$section]->controls)->first(fn ($one) => $one->setting->key === $key)?->value)
<div class="looks" x-data="scope({ channel: {{ $channel->id }}, level: 'channel', ids: [{{ $channel->id }}],
    key: '{{ $key }}' })" role="group" aria-label="{{ $label }}">
    @foreach ($labels as $choice => $says)
        <button type="button" @class(['is-used' => $now === $choice]) @click="change({ value: '{{ $choice }}' })"
            aria-pressed="{{ $now === $choice ? 'true' : 'false' }}">
            <img src="{{ route("choices.$key", [$footage, $choice]) }}" alt="" width="90" height="120"
                loading="lazy">
            <span>{{ Illuminate\Support\Str::before($says, ':') }}</span>
        </button>
    @endforeach
</div>
