@foreach ($page->controls as $control)<x-scope :$control :id="'short-'.$control->setting->key"/>@endforeach
