<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>Packing slips</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite(['resources/css/print.css'])
</head>
<body>
@forelse ($slips as $slip)
<main class="slip">
<header>
<p class="shop"><bdi>{{ $shop->name }}</bdi></p>
<h1>Order {{ $slip->order->number }}</h1>
<p>{{ $slip->order->placed_at->setTimezone($shop->zone())->format('j F Y') }}</p>
</header>
@if ($slip->order->goods_state === \PaperKite\Order\GoodsState::Cancelled)
<p class="warning">This order was cancelled: send nothing.</p>
@endif
<section>
<h2>{{ $slip->order->street === '' ? 'For' : 'Goes to' }}</h2>
<address dir="auto">@forelse ($slip->order->address() as $line)@unless ($loop->first)<br>@endunless{{ $line }}@empty{{ $slip->order->email }}@endforelse</address>
@if ($slip->order->phone !== '')<p>{{ $slip->order->phone }}</p>@endif
</section>
@if ($slip->lines !== [])
<table>
<thead><tr><th scope="col">Pieces</th><th scope="col">Goods</th><th scope="col">SKU</th><th scope="col">Packed</th></tr></thead>
<tbody>
@foreach ($slip->lines as $row)
<tr><td class="pieces">{{ $row['pieces'] }}</td><td dir="auto">{{ $row['line']->name }}@if ($row['line']->choices !== '')<br><span class="choices">{{ $row['line']->choices }}</span>@endif @if ($event = $row['line']->event())<br><span class="choices">{{ $event->shown($shop->zone(), $shop->wording()) }}</span>@endif @if ($row['line']->attendees)<br><span class="choices">{{ implode(', ', $row['line']->attendees) }}</span>@endif @if ($row['line']->back_ordered > 0)<br><span class="choices">{{ $row['line']->back_ordered }} not on the shelf when ordered</span>@endif</td><td class="sku">{{ $row['line']->sku }}</td><td><span class="tick"></span></td></tr>
@endforeach
</tbody>
</table>
@endif
@if ($slip->order->comment !== '')
<section><h2>The shopper says</h2><p class="comment" dir="auto">{{ $slip->order->comment }}</p></section>
@endif
</main>
@empty
<main class="slip"><p>There is no such order in this shop.</p></main>
@endforelse
</body>
</html>
