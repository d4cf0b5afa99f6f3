@props(['payments', 'typed' => '', 'error' => null])
<div class="coupon">
@foreach ($payments as $payment)
<p class="coupon-in">{{ $payment->pays->isZero() ? $say->say('gift.pays_nothing', tail: $payment->card->tail) : $say->say('gift.pays', tail: $payment->card->tail, amount: $payment->pays, left: $payment->left()) }} <button class="plain" name="remove_card" value="{{ $payment->card->id }}" aria-label="{{ $say->say('gift.take_out', tail: $payment->card->tail) }}">{{ $say->say('gift.out') }}</button></p>
@endforeach
<details @if ($error || $typed !== '') open @endif>
<summary>{{ $say->say('gift.pay') }}</summary>
<label for="card">{{ $say->say('gift.code') }}</label>
<div class="coupon-row">
<input id="card" name="card" value="{{ $typed }}" autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="80" @if ($error) aria-invalid="true" aria-describedby="card-error" @endif>
<button class="button second" name="apply" value="1" data-update-now>{{ $say->say('gift.use') }}</button>
</div>
</details>
@if ($error)<p class="field-error" id="card-error" role="alert">{{ $error }}</p>@endif
</div>
