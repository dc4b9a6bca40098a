{{-- What each choice does to a picture of the channel, before one is made. Given: section, key, footage, label. --}}
@php($control = collect($house->groups[$section]->controls)->first(fn ($one) => $one->setting->key === $key))
<div class="looks" x-data="scope({ channel: {{ $channel->id }}, level: 'channel', ids: [{{ $channel->id }}],
    key: '{{ $key }}' })" role="group" aria-label="{{ $label }}">
    @foreach ($control->setting->type->options as $choice => $says)
        <button type="button" @class(['is-used' => $control->value === $choice])
            @click="change({ value: '{{ $choice }}' })"
            aria-pressed="{{ $control->value === $choice ? 'true' : 'false' }}">
            <img src="{{ route("choices.$key", [$footage, $choice]) }}" alt="" width="90" height="120"
                loading="lazy">
            <span>{{ Illuminate\Support\Str::before($says, ':') }}</span>
        </button>
    @endforeach
</div>
