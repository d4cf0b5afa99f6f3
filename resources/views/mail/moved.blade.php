Hello{!! $order->name === '' ? '' : " {$order->name}" !!},

{!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}, which you booked at {!! $shop->name !!}, takes place at another time or elsewhere now:

  {!! $when !!}

For your calendar: {!! $link !!}/calendar.ics

Can’t you come then? Answer this mail.

The order: {!! $link !!}
