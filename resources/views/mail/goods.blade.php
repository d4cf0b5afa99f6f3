@foreach ($order->bill()->lines as $line)
  {!! $say->say('mail.goods', count: $line->quantity, name: $line->name.($line->choices === '' ? '' : " ({$line->choices})")) !!}

@endforeach
