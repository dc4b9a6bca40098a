{{-- What each look does to a picture of the channel, before one is chosen. --}}
@php($chosen = $house->groups['look']->controls)
@php($now = collect($chosen)->first(fn ($one) => $one->setting->key === 'look')?->value)
<div class="looks" x-data="scope({ channel: {{ $channel->id }}, level: 'channel', ids: [{{ $channel->id }}],
    key: 'look' })" role="group" aria-label="Looks to choose from">
    @foreach (['none' => 'as it is'] + RapidReel\Base\Colour\Looks::labels() as $look => $says)
        <button type="button" @class(['is-used' => $now === $look]) @click="change({ value: '{{ $look }}' })"
            aria-pressed="{{ $now === $look ? 'true' : 'false' }}">
            <img src="{{ route('looks.picture', [$house->shown, $look]) }}" alt="" width="90" height="120"
                loading="lazy">
            <span>{{ Illuminate\Support\Str::before($says, ':') }}</span>
        </button>
    @endforeach
</div>
