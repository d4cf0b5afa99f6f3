@php
$bill = $order->bill();
$lines = [];
foreach ($bill->lines as $line) {
    $lines[] = "  {$line->quantity} × {$line->name}".($line->choices === '' ? '' : " ({$line->choices})").": {$line->subtotal->shown()}";
    if ($line->event !== null) {
        $lines[] = "    {$line->event->shown($shop->zone())}";
    }
}
$seats = $order->lines->filter(fn ($line) => $line->attendees !== null && $line->attendees !== []);
foreach ($bill->rows as $row) {
    $lines[] = "  {$row->kind->label()}: {$row->shown()}";
}
$lines[] = "  Total: {$bill->total->shown()}";
foreach ($bill->within as $row) {
    $lines[] = "  {$row->kind->label()}: {$row->shown()}";
}
@endphp
Hello{!! $order->name === '' ? '' : " {$order->name}" !!},

thank you for your order {{ $order->number }} at {!! $shop->name !!}.

{!! implode("\n", $lines) !!}

@foreach ($seats as $line)
Who comes to {!! $line->name !!}: {!! implode(', ', $line->attendees) !!}

@endforeach
@if ($order->lines->contains(fn ($line) => $line->begins_at !== null))
For your calendar: {!! $link !!}/calendar.ics

@endif
@foreach ($order->thanks() as $thanks)
{!! $thanks !!}

@endforeach
@if ($order->street !== '')
It goes to:
{!! implode("\n", array_map(fn ($line) => "  {$line}", $order->address())) !!}

@endif
The order for a day from now: {!! $link !!}
