<div class="two-columns">
<section>
@if ($isOpen)
<h1>@if ($order->name === ''){{ $say->say('thanks.title') }}@else{!! $say->html('thanks.heading', name: '<bdi>'.e($order->name).'</bdi>') !!}@endif</h1>
<p class="lead">{!! $say->html('thanks.made', number: '<strong>'.$order->number.'</strong>') !!} {{ $state }}</p>
@foreach ($order->lines as $line)
@if ($event = $line->event())
<h2 dir="auto">{{ $line->name }}</h2>
<p dir="auto">{{ $event->shown($shop->zone(), $say) }}@if ($line->attendees)<br>{{ implode(', ', $line->attendees) }}@endif</p>
@endif
@endforeach
@if ($order->lines->contains(fn ($line) => $line->begins_at !== null))<p><a href="/thanks/{{ $order->token }}/calendar.ics" download>{{ $say->say('thanks.calendar') }}</a></p>@endif
@php $withFiles = $order->lines->filter(fn ($line) => $line->download !== null && $line->download->files->isNotEmpty() && $line->download->stopped_at === null); @endphp
@if ($withFiles->isNotEmpty())
<h2>{{ $say->say('thanks.files') }}</h2>
<ul class="downloads">
@foreach ($withFiles as $line)
<li><p><a class="button" href="{{ $line->download->path() }}">{{ $say->say('thanks.download', name: $line->name) }}</a></p>
<p class="bill-why">{{ $say->say('thanks.files_until', day: $say->dates()->date($line->download->expires(), $shop->zone())) }}</p></li>
@endforeach
</ul>
@endif
@foreach ($order->thanks() as $thanks)
<p class="thanks-words" dir="auto">{{ $thanks }}</p>
@endforeach
@if ($order->street !== '')
<h2>{{ $say->say('thanks.goes_to') }}</h2>
<address dir="auto">@foreach ($order->address() as $line)@unless ($loop->first)<br>@endunless{{ $line }}@endforeach</address>
@endif
@if ($order->comment !== '')
<h2>{{ $say->say('thanks.told_us') }}</h2>
<p dir="auto" class="comment">{{ $order->comment }}</p>
@endif
@else
<h1>{{ $say->say('thanks.order', number: (string) $order->number) }}</h1>
<p class="lead">{{ $say->say('thanks.is_made') }} {{ $state }}</p>
<form method="post" action="/thanks/{{ $order->token }}" class="ask-link">
<p>{{ $say->say('thanks.closed') }}</p>
<button class="button second">{{ $say->say('thanks.fresh_link') }}</button>
</form>
@endif
@if ($isSent)<p class="notice" role="status">{{ $say->say('thanks.link_sent') }}</p>@endif
<p><a href="/">{{ $say->say('thanks.back') }}</a></p>
</section>
<section class="slip" aria-label="{{ $say->say('thanks.receipt') }}">
@if ($isOpen)
<x-shop.bill :bill="$order->bill()" :words="$shop->wording()" :zone="$shop->zone()" :total="$say->say('thanks.paid')" />
@else
<ul class="ordered">
@foreach ($order->lines as $line)
<li>{{ $line->quantity }} × <bdi>{{ $line->name }}</bdi>@if ($line->choices !== '') <span class="bill-count" dir="auto">{{ $line->choices }}</span>@endif</li>
@endforeach
</ul>
@endif
@if ($payNotice)<p class="pay-notice">{{ $say->text($payNotice) }}</p>@endif
</section>
</div>
