@extends('layouts.app')
@section('title', 'Sketches')
@section('content')
<div x-data="sketches({ sketches: '{{ route('sketches.store') }}', condense: '{{ route('sketches.condense') }}',
    reword: '{{ route('sketches.reword') }}' })">
    <div class="page-head">
        <div>
            <h1>Sketches</h1>
            <p class="lead">No script yet? Have some written, say one another way, or shorten a text you have.</p>
        </div>
        <div class="actions">
            <span class="actions-what" x-show="taken" x-cloak role="status"><b x-text="taken"></b> in the intake</span>
            <a class="btn btn-outline-dark" href="{{ route('intake') }}" x-show="taken" x-cloak>Go to the intake</a>
        </div>
    </div>
    @if (session('saved'))<p class="notice" role="status">{{ session('saved') }}</p>@endif
    <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
    <div class="sketches-cols">
        <div>
            <form class="order-form" x-ref="order" @submit.prevent="order($el, 'sketches')">
                <h2>Write</h2>
                <p class="notice">{{ $about }}</p>
                <label for="topics">Topic, or several, one a line</label>
                <textarea id="topics" name="topics" class="form-control" rows="3" placeholder="the bell under the bay"
                    required>{{ $topics }}</textarea>
                <label for="points">Key points of one topic, one a line, in order</label>
                <textarea id="points" name="points" class="form-control" rows="4"
                    placeholder="The church sank in one night&#10;Fishermen hear it before every storm"></textarea>
                <label for="audience">For whom, if not for anybody</label>
                <input id="audience" name="audience" class="form-control form-control-sm" maxlength="80"
                    placeholder="people who cannot sleep">
                <div class="order-row">
                    <div>
                        <x-tone-choice id="tone" :$tones />
                    </div>
                    <div>
                        <label for="shape">Hook</label>
                        <select id="shape" name="shape" class="form-select form-select-sm">
                            <option value="">Another one each</option>
                            @foreach ($shapes as $shape)
                                <option value="{{ $shape->value }}" @selected($chosen === $shape->value)>{{
                                    $shape->label() }}</option>
                            @endforeach
                        </select>
                    </div>
                    <div>
                        <label for="seconds">Seconds</label>
                        <input id="seconds" name="seconds" type="number" min="10" max="120" value="45"
                            class="form-control form-control-sm">
                    </div>
                </div>
                <div class="actions">
                    <button class="btn btn-primary" :disabled="busy">Write sketches</button>
                    <button type="button" class="btn btn-outline-dark" :disabled="busy || !html || last !== 'sketches'"
                        @click="order($refs.order, 'sketches', { more: true })">Six more</button>
                </div>
            </form>
            <form class="order-form" x-ref="reword" @submit.prevent="order($el, 'reword')">
                <h2>Say it another way</h2>
                <p class="quiet">A script in other words, six times: its facts stay, and their order. Its other hooks
                and what is to be seen go along.</p>
                <label for="script">Script</label>
                <textarea id="script" name="script" class="form-control" rows="5" required></textarea>
                <div class="order-row">
                    <div>
                        <x-tone-choice id="reword-tone" :$tones />
                    </div>
                    <div>
                        <label for="reword-audience">For whom</label>
                        <input id="reword-audience" name="audience" class="form-control form-control-sm" maxlength="80">
                    </div>
                </div>
                <div class="actions">
                    <button class="btn btn-outline-dark" :disabled="busy">Reword</button>
                    <button type="button" class="btn btn-outline-dark" :disabled="busy || !html || last !== 'reword'"
                        @click="order($refs.reword, 'reword', { more: true })">Reword again</button>
                </div>
            </form>
            <form class="order-form" @submit.prevent="order($el, 'condense')">
                <h2>Condense</h2>
                <p class="quiet">A long text becomes a narration in its own sentences: those that say most of it, the
                strongest as the hook.</p>
                <label for="source">Source</label>
                <textarea id="source" name="source" class="form-control" rows="6" required></textarea>
                <div class="order-row">
                    <div>
                        <label for="to-seconds">Seconds</label>
                        <input id="to-seconds" name="seconds" type="number" min="5" max="180" value="45"
                            class="form-control form-control-sm">
                    </div>
                </div>
                <button class="btn btn-outline-dark" :disabled="busy">Condense</button>
            </form>
        </div>
        <section aria-label="Sketches" aria-live="polite">
            <div class="sketches-head" x-show="html" x-cloak>
                <button type="button" class="btn btn-sm btn-outline-dark" @click="takeAll()" data-key="k"
                    data-key-does="Take all sketches to the intake">Take all to the intake</button>
            </div>
            <div x-ref="sketches" x-html="html" @click="takeOne($event)"></div>
            <div class="empty" x-show="!html">
                <p class="empty-title">Sketches stand here</p>
                <p>One topic gives six of them, each with another kind of hook. A list of topics gives one each. Take
                those you like to the intake, and go on there.</p>
            </div>
        </section>
    </div>
</div>
@endsection
