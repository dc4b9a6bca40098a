<div class="scopes scopes-row">@foreach ($page->main as $control)<x-scope :$control/>@endforeach</div>
<details class="style-made" id="style-made">
    <summary>What the style is made of
        @php($own = collect($page->groups)->flatten(1)->filter->isOwn->count())
        @if ($own > 0)<span class="quiet">{{ $own }} set here</span>@endif
    </summary>
    <div class="style-groups">
        @foreach ($page->groups as $group => $controls)
            <section aria-label="{{ $group }}">
                <h2>{{ $group }}</h2>
                <div class="scopes">@foreach ($controls as $control)<x-scope :$control/>@endforeach</div>
            </section>
        @endforeach
    </div>
    <form class="style-keep" @submit.prevent="keepStyle($el.querySelector('input'))">
        <label for="style-name">Keep all of it as a style of the channel</label>
        <input id="style-name" class="form-control form-control-sm" maxlength="60" placeholder="Name of the style"
            required>
        <button class="btn btn-sm btn-outline-dark">Save the style</button>
    </form>
</details>
