<x-shop.layout :shop="$shop" title="Thank you">
<div class="two-columns">
<section>
@if ($isOpen)
<h1>Thank you{{ $order->name === '' ? '' : ', ' }}<bdi>{{ $order->name }}</bdi></h1>
<p class="lead">Your order <strong>{{ $order->number }}</strong> is made. {{ $state }}</p>
@foreach ($order->lines as $line)
@if ($event = $line->event())
<h2 dir="auto">{{ $line->name }}</h2>
<p dir="auto">{{ $event->shown($shop->zone()) }}@if ($line->attendees)<br>{{ implode(', ', $line->attendees) }}@endif</p>
@endif
@endforeach
@if ($order->lines->contains(fn ($line) => $line->begins_at !== null))<p><a href="/thanks/{{ $order->token }}/calendar.ics" download>Add to your calendar</a></p>@endif
@foreach ($order->thanks() as $thanks)
<p class="thanks-words" dir="auto">{{ $thanks }}</p>
@endforeach
@if ($order->street !== '')
<h2>It goes to</h2>
<address dir="auto">@foreach ($order->address() as $line)@unless ($loop->first)<br>@endunless{{ $line }}@endforeach</address>
@endif
@if ($order->comment !== '')
<h2>What you told us</h2>
<p dir="auto" class="comment">{{ $order->comment }}</p>
@endif
@else
<h1>Order {{ $order->number }}</h1>
<p class="lead">It is made. {{ $state }}</p>
<form method="post" action="/thanks/{{ $order->token }}" class="ask-link">
<p>A day after the order this page shows the goods and nothing of the person. A fresh link, sent to the address that ordered, shows all of it.</p>
<button class="button second">Send me a fresh link</button>
</form>
@endif
@if ($isSent)<p class="notice" role="status">If this order has an e-mail address, a link is on its way to it. It works for 30 minutes.</p>@endif
<p><a href="/">Back to the shop</a></p>
</section>
<section class="slip" aria-label="The receipt">
@if ($isOpen)
<x-shop.bill :bill="$order->bill()" :words="$shop->wording()" :zone="$shop->zone()" total="Paid" />
@else
<ul class="ordered">
@foreach ($order->lines as $line)
<li>{{ $line->quantity }} × <bdi>{{ $line->name }}</bdi>@if ($line->choices !== '') <span class="bill-count" dir="auto">{{ $line->choices }}</span>@endif</li>
@endforeach
</ul>
@endif
@if ($payNotice)<p class="pay-notice">{{ $payNotice }}</p>@endif
</section>
</div>
</x-shop.layout>
