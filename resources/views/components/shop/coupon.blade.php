@props(['bill', 'cart', 'typed' => '', 'error' => null])
<div class="coupon">
@if ($cart->coupon_code !== null)
<p class="coupon-in">{!! $say->html('coupon.in', code: '<strong dir="auto">'.e($cart->coupon_code).'</strong>') !!} <button class="plain" name="remove_coupon" value="1">{{ $say->say('coupon.out') }}</button></p>
@if ($bill->couponFinding)<p class="coupon-finding" role="status">{{ $bill->couponFinding }}</p>@endif
@else
<label for="coupon">{{ $say->say('coupon.label') }}</label>
<div class="coupon-row">
<input id="coupon" name="coupon" value="{{ $typed }}" autocomplete="off" spellcheck="false" dir="auto" maxlength="80" @if ($error) aria-invalid="true" aria-describedby="coupon-error" @endif>
<button class="button second" name="apply" value="1" data-update-now>{{ $say->say('coupon.use') }}</button>
</div>
@endif
@if ($error)<p class="field-error" id="coupon-error" role="alert">{{ $error }}</p>@endif
</div>
