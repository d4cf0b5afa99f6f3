<x-shop.layout :shop="$shop" :title="$say->say('gift.title')" :css="$css">
<article class="gift">
<h1>{{ $say->say('gift.title') }}</h1>
<p class="gift-shop">{!! $say->html('gift.of', shop: '<bdi>'.e($shop->name).'</bdi>') !!}</p>
@if ($card->to_name !== '')<p class="gift-for" dir="auto">{{ $say->say('gift.for', name: $card->to_name) }}</p>@endif
@if ($card->message !== '')<p class="gift-message" dir="auto">{{ $card->message }}</p>@endif
@if ($code === null)
<p class="notice" role="status">{{ $say->say('gift.gone') }}</p>
@else
<p><span class="gift-worth">{{ $card->money($card->value_minor)->shown() }}</span></p>
<p class="gift-code">{{ $code }}</p>
@if ($card->balance_minor < $card->value_minor)<p>{{ $say->say('gift.balance', amount: $card->money($card->balance_minor)) }}</p>@endif
<p class="bill-why">{{ $say->say('gift.enter', link: $shop->host) }}</p>
@endif
</article>
@if ($code !== null)
<nav class="gift-looks" aria-label="{{ $say->say('gift.looks') }}">
<p>{{ $say->say('gift.print') }}</p>
<ul>@foreach ($looks as $look)<li><a href="?look={{ $look->id }}" @if ($look->id === $worn) aria-current="true" @endif dir="auto">{{ $look->name }}</a></li>@endforeach</ul>
</nav>
@endif
</x-shop.layout>
