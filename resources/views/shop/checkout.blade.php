@php
use PaperKite\Checkout\CheckoutField;
$receipt = $bill->receipt;
$wrong = count($errors) + count($lineErrors);
@endphp
<x-shop.layout :shop="$shop" title="Checkout">
<h1>Checkout</h1>
@if ($notice)
<p class="notice" role="alert">{{ $notice }}</p>
@endif
@if ($wrong > 0)
<p class="notice" role="alert">{{ $wrong === 1 ? 'One thing is' : "{$wrong} things are" }} still to be put right; each is marked below. Nothing was paid.</p>
@endif
<form method="post" action="{{ $shop->checkoutPath($cart->ref) }}" class="two-columns" novalidate data-once data-live>
<input type="hidden" name="digest" value="{{ $digest }}">
{{-- The first button of a form is the one that Enter presses. --}}
<button class="visually-hidden" name="pay" value="1" tabindex="-1" aria-hidden="true">Pay</button>
<section aria-label="{{ $isSent ? 'Goods and address' : 'Goods and receipt' }}">
<x-shop.lines :cart="$cart" :bill="$bill" :words="$shop->wording()" :zone="$shop->zone()" :quantities="$quantities" :errors="$lineErrors" :notices="$lineNotices" asks-attendees />
<button class="plain" name="update" value="1" data-update>Work out the total</button>
<h2>{{ $isSent ? 'Where it goes' : 'Where the receipt goes' }}</h2>
<p class="fields-note">No account is needed. Ordered here before? <a href="/account">Have a sign-in link mailed</a>, and this is filled in.</p>
<div class="fields">
@foreach ($demands as $name => $demand)
@php $field = CheckoutField::from($name); @endphp
<x-shop.field :field="$field" :typed="$typed" :errors="$errors" :demand="$demand">
@if ($field === CheckoutField::Country)
<select id="country" name="country" autocomplete="country" data-reckon @isset($errors['country']) aria-invalid="true" aria-describedby="country-error" @endisset>
@foreach ($countries as $code => $countryName)
<option value="{{ $code }}" @selected($typed['country'] === $code)>{{ $countryName }}</option>
@endforeach
</select>
@endif
</x-shop.field>
@endforeach
</div>
</section>
<section class="slip" aria-label="The bill">
<x-shop.reckoned :reckoned="$bill" :words="$shop->wording()" :zone="$shop->zone()" />
@if ($shop->checkout_rules->couponPlace->isInCheckout())
<x-shop.coupon :bill="$bill" :cart="$cart" :typed="$typed['coupon'] ?? ''" :error="$errors['coupon'] ?? null" />
@endif
@if ($receipt !== null)
<button class="button wide" name="pay" value="1">{{ $receipt->dueNow->isZero() ? 'Order for free' : "Pay {$receipt->dueNow->shown()}" }}</button>
@endif
<x-shop.texts :shop="$shop" />
@if ($payNotice)<p class="pay-notice">{{ $payNotice }}</p>@endif
</section>
</form>
</x-shop.layout>
