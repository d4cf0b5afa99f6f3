@props(['view', 'typed' => '', 'error' => null])
<div class="coupon">
@if ($view->couponCode !== null)
<p class="coupon-in">{!! $say->html('coupon.in', code: '<strong dir="auto">'.e($view->couponCode).'</strong>') !!} <button class="plain" name="remove_coupon" value="1">{{ $say->say('coupon.out') }}</button></p>
@if ($view->bill->couponFinding)<p class="coupon-finding" role="status">{{ $view->bill->couponFinding }}</p>@endif
@else
<label for="coupon">{{ $say->say('coupon.label') }}</label>
<div class="coupon-row">
<input id="coupon" name="coupon" value="{{ $typed }}" autocomplete="off" spellcheck="false" dir="auto" maxlength="80" @if ($error) aria-invalid="true" aria-describedby="coupon-error" @endif>
<button class="button second" name="apply" value="1" data-update-now>{{ $say->say('coupon.use') }}</button>
</div>
@endif
@if ($error)<p class="field-error" id="coupon-error" role="alert">{{ $error }}</p>@endif
</div>
