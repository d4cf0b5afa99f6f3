@props(['sentence'])
@if ($sentence)
<details class="why"><summary>Why?</summary><span class="bill-why">{{ $sentence }}</span></details>
@endif
