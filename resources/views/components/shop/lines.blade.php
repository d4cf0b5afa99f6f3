@php use PaperKite\Quote\LineBecause; @endphp
@props(['cart', 'bill', 'quantities' => [], 'errors' => [], 'notices' => [], 'words', 'zone', 'asksAttendees' => false])
<ul class="lines">
@foreach ($cart->lines->values() as $i => $line)
@php
$priced = $bill->receipt?->lines[$i] ?? null;
$error = $errors[$line->id] ?? null;
$choices = $line->variant === null ? [] : array_combine(array_map(fn ($option) => $option->name, $line->product->options), $line->variant->choices);
$name = $line->toCore()->name();
@endphp
<li class="line">
<img src="{{ $line->picturePath() }}" alt="" width="72" height="72">
<div class="line-what">
<a href="/p/{{ rawurlencode($line->variant->sku ?? $line->product->sku) }}" dir="auto">{{ $line->product->name }}</a>
@if ($choices !== [])
<span class="line-choices">@foreach ($choices as $option => $choice)<span><bdi>{{ $option }}</bdi>: <bdi>{{ $choice }}</bdi></span>@endforeach</span>
@endif
@if ($event = $line->product->event($line->variant))
<span class="line-choices" dir="auto">{{ $event->shown($zone, $say) }}</span>
@endif
@if ($priced !== null)
<span class="line-unit">{{ $line->product->kind->isMoneyItself() ? $priced->unit->today->shown() : $say->say('line.each', price: $priced->unit->today) }} @if ($priced->unit->sale !== null)<s>{{ $priced->unit->regular->plus($priced->unit->added)->shown() }}</s>@endif</span>
<x-shop.why :sentence="LineBecause::of($priced, $bill->receipt)->unit?->in($words)" />
@endif
</div>
<div class="line-count">
@if ($line->product->kind->isMoneyItself())
<input type="hidden" name="quantity[{{ $line->id }}]" value="{{ $line->quantity }}">
@else
<label class="visually-hidden" for="quantity-{{ $line->id }}">{{ $say->say('line.quantity', name: $name) }}</label>
<input id="quantity-{{ $line->id }}" name="quantity[{{ $line->id }}]" value="{{ $quantities[$line->id] ?? $line->quantity }}" inputmode="numeric" autocomplete="off" data-reckon @if ($error) aria-invalid="true" aria-describedby="line-error-{{ $line->id }}" @endif>
@endif
<button class="plain" name="remove" value="{{ $line->id }}" aria-label="{{ $say->say('line.remove_it', name: $name) }}">{{ $say->say('line.remove') }}</button>
</div>
<span class="line-sum">{{ $priced?->subtotal->shown() }}</span>
@if ($asksAttendees)
@foreach ($line->attendees() as $seat => $attendee)
<div class="field line-attendee">
<label for="attendee-{{ $line->id }}-{{ $seat }}">{{ $line->quantity > 1 ? $say->say('line.who_comes_seat', seat: $seat + 1) : $say->say('line.who_comes') }}<span class="visually-hidden">{{ $name }}</span></label>
<input id="attendee-{{ $line->id }}-{{ $seat }}" name="attendee[{{ $line->id }}][{{ $seat }}]" value="{{ $attendee }}" autocomplete="off" dir="auto" maxlength="120" @if ($error && $attendee === '') aria-invalid="true" aria-describedby="line-error-{{ $line->id }}" @endif>
</div>
@endforeach
@endif
@if ($error)
<p class="field-error line-error" id="line-error-{{ $line->id }}">{{ $error }}</p>
@endif
@isset($notices[$line->id])
<p class="line-notice line-error" role="status">{{ $notices[$line->id] }}</p>
@endisset
</li>
@endforeach
</ul>
