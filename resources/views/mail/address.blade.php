@if ($order->street !== '')
{!! $say->say('mail.goes_to') !!}
{!! implode("\n", array_map(fn ($line) => "  {$line}", $order->address())) !!}

@endif
