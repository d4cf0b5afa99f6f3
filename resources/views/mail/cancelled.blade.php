Hello{!! $order->name === '' ? '' : " {$order->name}" !!},

your order {{ $order->number }} at {!! $shop->name !!} was cancelled:

@foreach ($order->bill()->lines as $line)
  {{ $line->quantity }} × {!! $line->name !!}{!! $line->choices === '' ? '' : " ({$line->choices})" !!}

@endforeach
{{ $isTaken ? 'What you paid goes back to you; we write again when it has.' : 'Nothing was taken from you; what was held is let go.' }}

The order: {!! $link !!}
