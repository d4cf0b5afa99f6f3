@props(['sentence'])
@if ($sentence)
<details class="why"><summary>{{ $say->say('bill.why') }}</summary><span class="bill-why">{{ $sentence }}</span></details>
@endif
