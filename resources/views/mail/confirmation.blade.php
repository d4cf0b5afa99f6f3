@php
$bill = $order->bill();
$lines = [];
foreach ($bill->lines as $line) {
    $lines[] = '  '.$say->say('mail.line', count: $line->quantity, name: $line->name.($line->choices === '' ? '' : " ({$line->choices})"), amount: $line->subtotal);
    if ($line->event !== null) {
        $lines[] = "    {$line->event->shown($shop->zone(), $say)}";
    }
}
foreach ($bill->rows as $row) {
    $lines[] = '  '.$say->say('mail.row', label: $say->say($row->kind->key()), amount: $row->shown());
}
$lines[] = '  '.$say->say('mail.total', amount: $bill->total);
if ($bill->cards !== null && $bill->due !== null) {
    $lines[] = '  '.$say->say('mail.row', label: $say->say($bill->cards->kind->key()), amount: $bill->cards->shown());
    $lines[] = '  '.$say->say('mail.row', label: $say->say('bill.due'), amount: $bill->due->shown());
}
foreach ($bill->within as $row) {
    $lines[] = '  '.$say->say('mail.row', label: $say->say($row->kind->key()), amount: $row->shown());
}
@endphp
@include('mail.hello')

{!! $say->say('mail.confirmation.thanks', number: (string) $order->number, shop: $shop->name) !!}

{!! implode("\n", $lines) !!}

@foreach ($order->lines->filter(fn ($line) => (bool) $line->attendees) as $line)
{!! $say->say('mail.who_comes', name: $line->name, names: implode(', ', $line->attendees)) !!}

@endforeach
@if ($order->lines->contains(fn ($line) => $line->begins_at !== null))
{!! $say->say('mail.calendar', link: "{$link}/calendar.ics") !!}

@endif
@foreach ($order->lines->filter(fn ($line) => $line->download !== null && $line->download->files->isNotEmpty()) as $line)
{!! $say->say('mail.files.of', name: $line->name) !!}
@include('mail.files', ['download' => $line->download])

@endforeach
@foreach ($order->thanks() as $thanks)
{!! $thanks !!}

@endforeach
@include('mail.address')
@if ($order->street !== '')
{!! $say->say('mail.next_parcel') !!}

@endif
{!! $say->say('mail.order_day', link: $link) !!}
