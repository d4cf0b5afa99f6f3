@props(['product', 'shop', 'country' => null, 'in', 'code' => '', 'caption' => ''])
@inject('clock', App\Time\Clock::class)
@php
$tag = App\Shopfront\PartnerTag::of($product, $country, $shop, $clock->moment());
$query = http_build_query(array_filter(['in' => $in, 'k' => $code], static fn (string $value): bool => $value !== ''));
@endphp
<div class="partner">
@if ($tag->price !== '')<p class="partner-price">{{ $tag->price }}</p>@endif
<a class="button" href="/to/{{ rawurlencode($product->sku) }}?{{ $query }}" rel="{{ PaperKite\Medium\PartnerNote::REL }}" dir="auto">{{ $caption === '' ? $tag->caption : $caption }}</a>
<p class="partner-note" dir="auto">{{ $tag->disclosure }}</p>
</div>
