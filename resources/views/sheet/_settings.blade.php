@foreach ($page->controls as $control)<x-scope :$control/>@endforeach
