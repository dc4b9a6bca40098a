@foreach ($page->found as $one)
    <li class="card-footage" data-id="{{ $one->id }}">
        <a href="{{ route('footage.file', $one) }}" target="_blank" class="card-picture"
            @if ($one->duration_ms > 0) data-scrub="{{ route('footage.file', $one) }}"
                data-ms="{{ $one->duration_ms }}" @endif>
            <img src="{{ route('footage.thumbnail', $one) }}" alt="{{ $one->name }}" loading="lazy">
            <span>{{ $one->lengthSays() }} · {{ $one->width }} × {{ $one->height }}</span>
        </a>
        @if ($one->state === App\Shelves\Models\FootageState::Checking)
            <p class="state state-working" data-checking>{{
                $page->waits($one) ?: "looking through it: {$one->percent} %"
            }}</p>
        @elseif ($one->state === App\Shelves\Models\FootageState::Mending)
            <p class="state state-working" data-checking>{{
                $page->waits($one) ?: "being mended: {$one->percent} %"
            }}</p>
        @elseif ($one->state === App\Shelves\Models\FootageState::Refused)
            <form method="post" action="{{ route('footage.dismiss', $one) }}">
                @csrf @method('delete')
                <p class="notice notice-problem">{{ $one->refused }}</p>
                <button class="link">Dismiss</button>
                @if ($page->isKept($one))
                    <button class="link" formaction="{{ route('footage.again', $one) }}" name="_method" value="post"
                        aria-label="Look through {{ $one->name }} again">Look again</button>
                @endif
            </form>
        @endif
        <p class="card-facts">
            @if ($one->channel_id === $page->channel->id)
                <label><input type="checkbox" class="form-check-input" value="{{ $one->id }}" x-model="chosen"
                    aria-label="Choose {{ $one->name }}"></label>
            @endif
            <span title="{{ implode(', ', $page->ties->used[$one->id] ?? []) }}">{{ $page->usedSays($one->id) }}</span>
            @if ($one->collection !== '')<span>{{ $one->collection }}</span>@endif
            @if (isset($page->ties->near[$one->near_id ?? 0]))
                <span class="flag flag-inline">nearly “{{ $page->ties->near[$one->near_id] }}”</span>
            @endif
            @if ($one->remark !== null)
                <span class="flag flag-inline" title="{{ $one->remark }}">colours taken as BT.2020</span>
            @endif
        </p>
        <form method="post" action="{{ route('footage.update', $one) }}">
            @csrf @method('put')
            <input name="name" value="{{ $one->name }}" maxlength="120" aria-label="Name" class="plain plain-name"
                required>
            <textarea name="tags" rows="2" maxlength="1000" aria-label="Tags of {{ $one->name }}" class="plain">{{
                $one->tags
            }}</textarea>
            @if ($page->channels > 1 && $one->channel_id === $page->channel->id)
                <label class="card-shared">
                    <input type="checkbox" class="form-check-input" name="shared" value="1" @checked($one->shared)>
                    for all channels
                </label>
            @elseif ($one->channel_id !== $page->channel->id)
                <span class="quiet">lent by another channel</span>
            @endif
            <button class="btn btn-sm btn-outline-dark card-save">Save</button>
            @if (session('saved') === $one->id)<span class="state state-ready" role="status">saved</span>@endif
        </form>
    </li>
@endforeach
