@extends('layouts.app')
@section('title', 'Channels and files')
@section('content')
@php($channel = $page->channel)
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('house') }}">House style</a></p>
        <h1>Channels and files</h1>
        <p class="lead">The channels of this account, and what {{ $channel->name }} holds beside its settings.</p>
    </div>
</div>
@if (is_string(session('saved')))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($errors->any())
    <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
@endif
<section class="house-lists">
    <div>
        <h2>Channels</h2>
        <p class="quiet">Each has its own batches, footage, music and house style.</p>
        <ul class="plain-list">
            @foreach ($page->channels as $one)
                <li>
                    @if ($one->id === $channel->id)
                        <b>{{ $one->name }}</b> <span class="quiet">you are here</span>
                    @else
                        <form method="post" action="{{ route('channels.enter', $one) }}">
                            @csrf<button class="link">{{ $one->name }}</button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('channels.store') }}" class="channel-new">
            @csrf
            <input name="name" class="form-control form-control-sm" maxlength="80" placeholder="Name of another channel"
                aria-label="Name of another channel" required>
            <button class="btn btn-sm btn-outline-dark">New channel</button>
        </form>
    </div>
    <div>
        <h2>House style as a file</h2>
        <p class="quiet">Settings, words, logos, typefaces and colour tables. Music is not in it.</p>
        <p><a class="btn btn-sm btn-outline-dark" href="{{ route('house.pack') }}">Export the house style</a></p>
        <x-upload-form :to="route('house.unpack')" name="house" accept=".zip"
            label="ZIP of a house style">Import</x-upload-form>
    </div>
    <div id="tables">
        <h2>Colour tables</h2>
        <p class="quiet">A .cube file of three dimensions. It can then be chosen under Look.</p>
        <ul class="plain-list">
            @forelse ($page->tables as $table)
                <li>{{ $table->name }}
                    @if ($table->channel_id === $channel->id)
                        <form method="post" action="{{ route('tables.destroy', $table) }}">
                            @csrf @method('delete')<button class="link"
                                aria-label="Delete the colour table {{ $table->name }}">Delete</button>
                        </form>
                    @endif
                </li>
            @empty
                <li class="quiet">None yet.</li>
            @endforelse
        </ul>
        <x-upload-form :to="route('tables.store')" name="table" accept=".cube"
            label="File with a colour table">Upload a colour table</x-upload-form>
    </div>
    <div>
        <h2>Patterns</h2>
        <p class="quiet">Settings of a short that were saved to be given to others, on the sheet of that short.</p>
        <ul class="plain-list">
            @forelse ($page->patterns as $pattern)
                <li>{{ $pattern->name }}
                    <span class="quiet">{{ count($pattern->settings->own) }} set</span>
                    <form method="post" action="{{ route('patterns.destroy', $pattern) }}">
                        @csrf @method('delete')
                        <button class="link" aria-label="Delete the pattern {{ $pattern->name }}">Delete</button>
                    </form>
                </li>
            @empty
                <li class="quiet">None yet.</li>
            @endforelse
        </ul>
    </div>
    <div id="people" class="house-lists-wide">
        <h2>Who works in {{ $channel->name }}</h2>
        @if (is_string(session('link')))
            <p class="notice" role="status">Give this link to one person. It is shown this once, and works for a week:
                <code>{{ session('link') }}</code></p>
        @endif
        <ul class="plain-list">
            <li>{{ $channel->user->name }} <span class="quiet">owns it</span></li>
            @foreach ($page->members as $member)
                <li>{{ $member->user->name }} <span class="quiet">{{ $member->user->email }} · {{
                    $member->role->label() }}</span>
                    @if ($page->role === App\Shelves\Models\Role::Owner)
                        <form method="post" action="{{ route('members.destroy', $member->id) }}">
                            @csrf @method('delete')<button class="link"
                                aria-label="Remove {{ $member->user->name }}">Remove</button>
                        </form>
                    @endif
                </li>
            @endforeach
            @foreach ($page->invitations as $invitation)
                <li class="quiet">An open link: whoever has it {{ $invitation->role->label() }}, until {{
                    Illuminate\Support\Carbon::createFromTimestamp($invitation->ends_at)->format('j M') }}
                    @if ($page->role === App\Shelves\Models\Role::Owner)
                        <form method="post" action="{{ route('invitations.destroy', $invitation->id) }}">
                            @csrf @method('delete')<button class="link">Withdraw</button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ul>
        @if ($page->role === App\Shelves\Models\Role::Owner)
            <form method="post" action="{{ route('members.invite', $channel) }}" class="channel-new">
                @csrf
                <select name="role" class="form-select form-select-sm" aria-label="What they may do">
                    <option value="edit">May edit</option>
                    <option value="look">May look and clear</option>
                </select>
                <button class="btn btn-sm btn-outline-dark">Make a link to join</button>
            </form>
        @else
            <form method="post" action="{{ route('members.leave', $channel) }}">
                @csrf<button class="btn btn-sm btn-outline-dark">Leave this channel</button>
            </form>
        @endif
        <p class="quiet"><a href="{{ route('channels.log') }}">Who did what</a></p>
    </div>
</section>
@endsection
