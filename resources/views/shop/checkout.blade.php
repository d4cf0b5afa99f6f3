<x-shop.layout :shop="$shop" title="Checkout">
<h1>Checkout</h1>
@if ($notice)
<p class="notice" role="alert">{{ $notice }}</p>
@endif
@if ($errors !== [] || $lineErrors !== [])
<p class="notice" role="alert">{{ count($errors) + count($lineErrors) === 1 ? 'One thing is' : (count($errors) + count($lineErrors)).' things are' }} still to be put right; each is marked below. Nothing was paid.</p>
@endif
<form method="post" action="/checkout/{{ $cart->ref }}" class="two-columns" novalidate data-once>
<input type="hidden" name="digest" value="{{ $digest }}">
{{-- The first button of a form is the one that Enter presses. --}}
<button class="visually-hidden" name="pay" value="1" tabindex="-1" aria-hidden="true">Pay</button>
<section aria-label="Goods and address">
<x-shop.lines :cart="$cart" :quantities="$quantities" :errors="$lineErrors" />
<button class="plain" name="update" value="1" data-update>Work out the total</button>
<h2>Where it goes</h2>
<div class="fields">
<x-shop.field name="email" label="E-mail" type="email" autocomplete="email" :typed="$typed" :errors="$errors" />
<x-shop.field name="name" label="Name" autocomplete="name" :typed="$typed" :errors="$errors" />
<x-shop.field name="street" label="Street and number" autocomplete="street-address" :typed="$typed" :errors="$errors" />
<x-shop.field name="postcode" label="Postcode" autocomplete="postal-code" :optional="true" :typed="$typed" :errors="$errors" />
<x-shop.field name="town" label="Town" autocomplete="address-level2" :typed="$typed" :errors="$errors" />
<div class="field field-country">
<label for="country">Country</label>
<select id="country" name="country" autocomplete="country" @isset($errors['country']) aria-invalid="true" aria-describedby="country-error" @endisset>
<option value="">Pick a country</option>
@foreach ($countries as $code => $countryName)
<option value="{{ $code }}" @selected(($typed['country'] ?? '') === $code)>{{ $countryName }}</option>
@endforeach
</select>
@isset($errors['country'])<p class="field-error" id="country-error">{{ $errors['country'] }}</p>@endisset
</div>
</div>
</section>
<section class="slip" aria-label="The bill">
<x-shop.bill :receipt="$receipt" />
<button class="button wide" name="pay" value="1">{{ $receipt->total->isZero() ? 'Order for free' : "Pay {$receipt->total->shown()}" }}</button>
@if ($payNotice)<p class="pay-notice">{{ $payNotice }}</p>@endif
</section>
</form>
</x-shop.layout>
