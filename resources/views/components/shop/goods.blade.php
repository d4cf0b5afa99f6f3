@props(['products', 'shop' => null, 'hasButtons' => false, 'country' => null, 'isSmall' => false, 'code' => ''])
@inject('clock', App\Time\Clock::class)
@php
use App\Shopfront\GoodsButton;
use App\Shopfront\PriceTag;
use PaperKite\Shopfront\Surface;
@endphp
<ul @class(['goods', 'has-acts' => $hasButtons, 'small' => $isSmall])>
@foreach ($products as $product)
@php
$tag = PriceTag::of($product, $clock->moment());
$page = '/p/'.rawurlencode($product->sku).($code === '' ? '' : "?k={$code}");
$buttons = $hasButtons ? GoodsButton::listOf($shop, $product, Surface::List) : [];
@endphp
<li>
<a href="{{ $page }}">
@if ($lead = $product->lead())<x-shop.picture :picture="$lead" alt="" sizes="(min-width: 48rem) {{ $isSmall ? '8rem' : '14rem' }}, {{ $isSmall ? '30vw' : '46vw' }}" side="240" :is-first="$hasButtons && $loop->index < 4" />@else<span class="no-picture" aria-hidden="true">{{ mb_substr($product->name, 0, 1) }}</span>@endif
<span class="goods-name" dir="auto">{{ $product->name }}</span>
<span class="goods-price">@if ($tag->isSoldOut) {{ $shop === null ? $say->say('list.sold_out') : GoodsButton::soldOut($shop) }} @else {{ $tag->shown($say) }}@if ($tag->regular) <s>{{ $tag->regular->shown() }}</s>@endif @endif</span>
</a>
@if ($hasButtons)
<div class="goods-acts">
@if ($product->kind->isElsewhere())
<x-shop.partner :shop="$shop" :product="$product" :country="$country" in="list" :code="$code" />
<a class="plain" href="{{ $page }}" data-glance aria-label="{{ $say->say('list.look_at', name: $product->name) }}">{{ $say->say('list.look') }}</a>
@elseif (! $tag->isSoldOut)
@if ($product->leavesAChoice())
<a class="plain" href="{{ $page }}" data-glance aria-label="{{ $product->kind->isGiven() ? $say->say('list.give_to', name: $product->name) : $say->say('list.choose_of', name: $product->name) }}">{{ $product->kind->isGiven() ? $say->say('list.give') : $say->say('list.choose') }}</a>
@else
@if ($buttons !== [])
<form method="post" action="/cart/add" novalidate data-add aria-label="{{ $product->name }}">
<input type="hidden" name="sku" value="{{ $product->sku }}">
@if ($code !== '')<input type="hidden" name="k" value="{{ $code }}">@endif

<x-shop.buttons :buttons="$buttons" />
</form>
@endif
<a class="plain" href="{{ $page }}" data-glance aria-label="{{ $say->say('list.look_at', name: $product->name) }}">{{ $say->say('list.look') }}</a>
@endif
@endif
</div>
@endif
</li>
@endforeach
</ul>
