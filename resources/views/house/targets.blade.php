@extends('layouts.app')
@section('title', 'Targets')
@section('content')
<div class="page-head">
    <div>
        <p class="crumb"><a href="{{ route('house') }}">House style</a></p>
        <h1>Targets</h1>
        <p class="lead">What the outlets accept that your shorts go to. Choose them under “Target” and “Also made for”,
        for the channel, a batch or a short; of several limits the tightest holds.</p>
    </div>
</div>
@if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
@if ($errors->any())<p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>@endif
@php($old = session()->getOldInput())
@php($form = isset($old['side']) ? $old : $page->form)
<table class="target-rows">
    <thead>
        <tr>
            <th scope="col">Target</th><th scope="col">Picture</th><th scope="col">Length</th>
            <th scope="col">Loudness, peak</th><th scope="col">File</th>
            <th scope="col"><span class="visually-hidden">What can be done</span></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($page->rows as $row)
            <tr @class(['is-open' => ($form['id'] ?? '') === $row->id])>
                <th scope="row">{{ $row->name }}
                    @if ($row->isUsed)<span class="state state-ready">set for the channel</span>@endif</th>
                <td class="num">{{ $row->size }}</td>
                <td class="num">{{ $row->length }}</td>
                <td class="num">{{ $row->sound }}</td>
                <td class="num">{{ $row->file }}</td>
                <td class="target-acts">
                    @if ($row->isOwn)
                        <a class="link" href="{{ route('targets.index', ['edit' => $row->id]) }}#target"
                            aria-label="Change {{ $row->name }}">Change</a>
                    @endif
                    <a class="link" href="{{ route('targets.index', ['copy' => $row->id]) }}#target"
                        aria-label="Copy {{ $row->name }}">Copy</a>
                    @if ($row->isOwn)
                        <form method="post" action="{{ route('targets.destroy', $row->id) }}">
                            @csrf @method('delete')
                            <button class="link" aria-label="Delete {{ $row->name }}">Delete</button>
                        </form>
                    @endif
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($form === [])
    <p class="quiet">Targets that ship stay as they are: copy one to change it.</p>
@else
    <form method="post" action="{{ route('targets.store') }}" class="target-form" id="target"
        x-data="targetForm(@js([
            'shapes' => $page->shapes, 'shape' => $page->shape, 'form' => $form,
        ]))">
        @csrf
        <input type="hidden" name="id" value="{{ $form['id'] ?? '' }}">
        <div class="target-fields">
            <h2>{{ ($form['id'] ?? '') === '' ? 'A new target' : 'Change the target' }}</h2>
            <label class="target-name">Name
                <input name="name" class="form-control form-control-sm" maxlength="60" required
                    value="{{ $form['name'] ?? '' }}"></label>
            <fieldset>
                <legend>Picture</legend>
                <label>Shape
                    <select name="shape" class="form-select form-select-sm" x-model="shape">
                        <option value="">As set for a short</option>
                        @foreach (RapidReel\Base\FrameShape::cases() as $shape)
                            <option value="{{ $shape->value }}">{{ ucfirst($shape->label()) }}</option>
                        @endforeach
                    </select></label>
                <label>Shorter side, pixels
                    <input name="side" class="form-control form-control-sm" inputmode="numeric" maxlength="6"
                        list="sides" x-model="side"></label>
                <datalist id="sides">
                    @foreach (RapidReel\Base\Target\TargetPicture::SIDES as $side)
                        <option value="{{ $side }}">
                    @endforeach
                </datalist>
                <label>Frames a second
                    <select name="fps" class="form-select form-select-sm">
                        @foreach (RapidReel\Base\Target\TargetPicture::RATES as $rate)
                            <option @selected(($form['fps'] ?? '') === (string) $rate)>{{ $rate }}</option>
                        @endforeach
                    </select></label>
                <p class="quiet" x-text="size"></p>
            </fieldset>
            <fieldset>
                <legend>Length, seconds</legend>
                @foreach (['shortest' => 'Shortest', 'longest' => 'Longest', 'hook' => 'Hook is out within'] as $name
                    => $label)
                    <label>{{ $label }}
                        <input name="{{ $name }}" class="form-control form-control-sm" inputmode="decimal"
                            maxlength="10" value="{{ $form[$name] ?? '' }}"
                            @if ($name === 'longest') placeholder="no cap" @endif></label>
                @endforeach
            </fieldset>
            <fieldset>
                <legend>Sound and file</legend>
                @foreach (['loudness' => 'Loudness, LUFS', 'true_peak' => 'True peak, dBTP',
                    'most_mb' => 'Largest file, MB'] as $name => $label)
                    <label>{{ $label }}
                        <input name="{{ $name }}" class="form-control form-control-sm" inputmode="decimal"
                            maxlength="10" value="{{ $form[$name] ?? '' }}"
                            @if ($name === 'most_mb') placeholder="any" @endif></label>
                @endforeach
            </fieldset>
            <fieldset>
                <legend>Texts and cover</legend>
                @foreach (['title_most' => 'Title, characters', 'description_most' => 'Description, characters',
                    'tags_most' => 'Tags', 'tag_most' => 'A tag, characters', 'cover' => 'Cover, pixels'] as $name
                    => $label)
                    <label>{{ $label }}
                        <input name="{{ $name }}" class="form-control form-control-sm" maxlength="14"
                            value="{{ $form[$name] ?? '' }}"
                            @if ($name === 'cover') placeholder="as the video" @endif></label>
                @endforeach
            </fieldset>
            <p class="target-end">
                <button class="btn btn-dark">Save the target</button>
                <a class="link" href="{{ route('targets.index') }}">Cancel</a>
            </p>
        </div>
        @php($edges = ['top' => 'Top', 'right' => 'Right', 'bottom' => 'Bottom', 'left' => 'Left'])
        <div class="target-safe">
            <h2>Safe area</h2>
            <p class="quiet">What the outlet draws over the edges. Drag a line, or walk it by the arrow keys: captions,
            cards and the logo stay inside.</p>
            <div class="target-frame" x-ref="frame" :style="`aspect-ratio: ${ratio}`">
                @if ($page->picture !== null)<img src="{{ $page->picture }}" alt="">@endif
                @foreach ($edges as $edge => $label)
                    <span class="target-cover is-{{ $edge }}" :style="cover('{{ $edge }}')"></span>
                    <button type="button" class="target-line is-{{ $edge }}" role="slider" :style="line('{{ $edge }}')"
                        aria-label="{{ $label }} edge of the safe area" aria-valuemin="0" aria-valuemax="70"
                        :aria-valuenow="Math.round(safe.{{ $edge }})" :aria-valuetext="`${safe.{{ $edge }}} %`"
                        @pointerdown.prevent="drag($event, '{{ $edge }}')"
                        @keydown="walk($event, '{{ $edge }}')"></button>
                @endforeach
            </div>
            <div class="target-edges">
                @foreach ($edges as $edge => $label)
                    <label>{{ $label }} %
                        <input name="safe_{{ $edge }}" class="form-control form-control-sm" inputmode="decimal"
                            maxlength="6" x-model="safe.{{ $edge }}"></label>
                @endforeach
            </div>
            <button type="button" class="link" @click="usual()">As usual for this shape</button>
        </div>
    </form>
@endif
@endsection
