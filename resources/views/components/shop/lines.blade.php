@props(['rows', 'columns', 'quantities' => [], 'errors' => [], 'asksAttendees' => false])
<ul class="lines">
@foreach ($rows as $row)
@php $error = $errors[$row->id] ?? null; @endphp
<li class="line">
@if ($columns->picture && $row->picture !== '')<img class="line-picture" src="{{ App\Models\PictureFile::smallPath($row->picture) }}" alt="" width="72" height="72">@endif
<div class="line-what">
<a href="/p/{{ rawurlencode($row->sku) }}" dir="auto">{{ $row->product }}</a>
@if ($row->choices !== [])
<span class="line-choices">@foreach ($row->choices as $option => $choice)<span><bdi>{{ $option }}</bdi>: <bdi>{{ $choice }}</bdi></span>@endforeach</span>
@endif
@if ($row->when !== '')
<span class="line-choices" dir="auto">{{ $row->when }}</span>
@endif
@if ($columns->priceEach && $row->price !== '')
<span class="line-unit">{{ $row->price }} @if ($row->regularPrice !== '')<s>{{ $row->regularPrice }}</s>@endif</span>
<x-shop.why :sentence="$row->because" />
@endif
</div>
<div class="line-count">
@if ($row->isAmount || ! $columns->quantity)
<input type="hidden" name="quantity[{{ $row->id }}]" value="{{ $row->quantity }}">
@unless ($row->isAmount)<span>{{ $row->quantity }} ×</span>@endunless
@else
<label class="visually-hidden" for="quantity-{{ $row->id }}">{{ $say->say('line.quantity', name: $row->name) }}</label>
<input id="quantity-{{ $row->id }}" name="quantity[{{ $row->id }}]" value="{{ $quantities[$row->id] ?? $row->quantity }}" inputmode="numeric" autocomplete="off" data-reckon @if ($error) aria-invalid="true" aria-describedby="line-error-{{ $row->id }}" @endif>
@endif
@if ($columns->remove || $row->isAmount)<button class="plain" name="remove" value="{{ $row->id }}" aria-label="{{ $say->say('line.remove_it', name: $row->name) }}">{{ $say->say('line.remove') }}</button>@endif

</div>
<span class="line-sum">{{ $row->subtotal }}</span>
@if ($asksAttendees)
@foreach ($row->attendees as $seat => $attendee)
<div class="field line-attendee">
<label for="attendee-{{ $row->id }}-{{ $seat }}">{{ $row->quantity > 1 ? $say->say('line.who_comes_seat', seat: $seat + 1) : $say->say('line.who_comes') }}<span class="visually-hidden">{{ $row->name }}</span></label>
<input id="attendee-{{ $row->id }}-{{ $seat }}" name="attendee[{{ $row->id }}][{{ $seat }}]" value="{{ $attendee }}" autocomplete="off" dir="auto" maxlength="120" @if ($error && $attendee === '') aria-invalid="true" aria-describedby="line-error-{{ $row->id }}" @endif>
</div>
@endforeach
@endif
@if ($asksAttendees)
@foreach ($row->gifts as $piece => $gift)
@php $at = "gift-{$row->id}-{$piece}"; $name = "gift[{$row->id}][{$piece}]"; @endphp
<fieldset class="line-gift" @if ($error) aria-describedby="line-error-{{ $row->id }}" @endif>
<legend>{{ count($row->gifts) > 1 ? $say->say('gift.to_number', number: $piece + 1) : $say->say('gift.to') }}<span class="visually-hidden"> {{ $row->name }}</span></legend>
<div class="field"><label for="{{ $at }}-name">{{ $say->say('gift.name') }}</label><input id="{{ $at }}-name" name="{{ $name }}[name]" value="{{ $gift->name }}" autocomplete="off" dir="auto" maxlength="120"></div>
<div class="field"><label for="{{ $at }}-email">{{ $say->say('gift.email') }}</label><input id="{{ $at }}-email" name="{{ $name }}[email]" value="{{ $gift->email }}" type="email" autocomplete="off" maxlength="254" aria-describedby="{{ $at }}-email-note"><p class="bill-why" id="{{ $at }}-email-note">{{ $say->say('gift.email_note') }}</p></div>
<div class="field"><label for="{{ $at }}-message">{{ $say->say('gift.message') }}</label><textarea id="{{ $at }}-message" name="{{ $name }}[message]" rows="3" dir="auto" maxlength="500">{{ $gift->message }}</textarea></div>
<div class="field"><label for="{{ $at }}-day">{{ $say->say('gift.day') }}</label><input id="{{ $at }}-day" name="{{ $name }}[day]" value="{{ $gift->day }}" type="date" aria-describedby="{{ $at }}-day-note"><p class="bill-why" id="{{ $at }}-day-note">{{ $say->say('gift.day_note') }}</p></div>
</fieldset>
@endforeach
@endif
@if ($error)
<p class="field-error line-error" id="line-error-{{ $row->id }}">{{ $error }}</p>
@endif
@if ($row->notice !== null)
<p class="line-notice line-error" role="status">{{ $row->notice }}</p>
@endif
</li>
@endforeach
</ul>
