@extends('layouts.app')
@section('title', 'Footage')
@section('content')
<div x-data="library('{{ route('footage.store') }}')" @dragover.prevent="over = true" @dragleave.self="over = false"
    @drop.prevent="take($event.dataTransfer.files)">
    <div class="page-head">
        <div>
            <h1>Footage</h1>
            <p class="lead">{{ $total }} clips and stills. Their tags are what the words of a script are matched
            with.</p>
        </div>
        <form method="get" class="actions">
            <select name="kind" class="form-select form-select-sm" aria-label="Kind" @change="$el.form.submit()">
                <option value="">Clips and stills</option>
                <option value="clip" @selected($kind === 'clip')>Clips</option>
                <option value="still" @selected($kind === 'still')>Stills</option>
            </select>
            <input type="search" name="search" class="form-control form-control-sm" value="{{ $search }}"
                placeholder="Search names and tags" aria-label="Search" data-key="/" data-key-does="Search">
            <button class="btn btn-sm btn-outline-dark">Search</button>
        </form>
    </div>
    <div class="dropper" :class="{ 'is-over': over }">
        <input type="file" class="visually-hidden" id="upload" x-ref="files" multiple tabindex="-1"
            accept="video/*,image/png,image/jpeg,image/webp" @change="take($event.target.files)">
        <label for="upload" class="btn btn-outline-dark" tabindex="0" @keydown.enter="$refs.files.click()">
            Add clips or stills
        </label>
        <span class="quiet">or drop them on this page</span>
        <input class="form-control form-control-sm" x-model="tags" aria-label="Tags for what you add"
            placeholder="Tags for them, with commas between (else from the file names)">
        <span class="state state-working" x-show="waiting" x-cloak>reading <span x-text="waiting"></span></span>
    </div>
    <template x-for="problem in problems" :key="problem">
        <p class="notice notice-problem" role="alert" x-text="problem"></p>
    </template>
    <p class="notice" x-show="added.length && problems.length" x-cloak>
        Added: <span x-text="added.join(', ')"></span>. <a href="">Show them</a>
    </p>
    @if ($footage->isEmpty())
        <div class="empty">
            <p class="empty-title">Nothing found</p>
            <p>{{ $search !== '' ? 'No name or tag holds these words.' : 'Add clips or stills to begin.' }}</p>
        </div>
    @else
        <ul class="grid" id="footage-grid">
            @foreach ($footage as $one)
                <li class="card-footage" data-id="{{ $one->id }}">
                    <a href="{{ route('footage.file', $one) }}" target="_blank" class="card-picture">
                        <img src="{{ route('footage.thumbnail', $one) }}" alt="{{ $one->name }}" loading="lazy">
                        <span>{{ $one->lengthSays() }}</span>
                    </a>
                    @if ($one->state === App\Models\FootageState::Checking)
                        <p class="state state-working" data-checking>looking through it: {{ $one->percent }} %</p>
                    @elseif ($one->state === App\Models\FootageState::Refused)
                        <form method="post" action="{{ route('footage.dismiss', $one) }}">
                            @csrf @method('delete')
                            <p class="notice notice-problem">{{ $one->refused }}</p>
                            <button class="link">Dismiss</button>
                        </form>
                    @endif
                    <form method="post" action="{{ route('footage.update', $one) }}">
                        @csrf @method('put')
                        <input name="name" value="{{ $one->name }}" maxlength="120" aria-label="Name"
                            class="plain plain-name" required>
                        <textarea name="tags" rows="2" maxlength="1000" aria-label="Tags of {{ $one->name }}"
                            class="plain">{{
                            $one->tags
                        }}</textarea>
                        @if ($channels > 1 && $one->channel_id === $channel->id)
                            <label class="card-shared">
                                <input type="checkbox" class="form-check-input" name="shared" value="1"
                                    @checked($one->shared)>
                                for all channels
                            </label>
                        @elseif ($one->channel_id !== $channel->id)
                            <span class="quiet">lent by another channel</span>
                        @endif
                        <button class="btn btn-sm btn-outline-dark card-save">Save</button>
                        @if (session('saved') === $one->id)
                            <span class="state state-ready" role="status">saved</span>@endif
                    </form>
                </li>
            @endforeach
        </ul>
        {{ $footage->links() }}
    @endif
</div>
@endsection
