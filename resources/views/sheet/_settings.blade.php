@foreach ($page->kinds as $kind => $controls)
    <h3 class="scopes-kind">{{ $kind }}</h3>
    @foreach ($controls as $control)<x-scope :$control/>@endforeach
@endforeach
<form class="style-keep scopes-kind" @submit.prevent="keepPattern($el.querySelector('input'))">
    <label for="pattern-name">Keep the settings of this short as a pattern</label>
    <input id="pattern-name" class="form-control form-control-sm" maxlength="60" placeholder="Name of the pattern"
        required>
    <button class="btn btn-sm btn-outline-dark">Keep the pattern</button>
</form>
