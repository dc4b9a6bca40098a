@foreach ($sheet->controls as $control)<x-scope :$control/>@endforeach
