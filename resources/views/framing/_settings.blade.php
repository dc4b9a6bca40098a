<div class="scopes scopes-row">@foreach ($page->controls as $control)<x-scope :$control/>@endforeach</div>
