<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Changes\Marks;
use App\Clicks\LedOn;
use App\Http\Shopper\ReadCaller;
use App\Time\Clock;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps what the framework answers to a click that only leads on, so that the next one like it needs no framework. */
final readonly class KeepAnswer
{
    public function __construct(
        private Marks $marks,
        private KeptAnswers $kept,
        private Settings $settings,
        private ReadCaller $caller,
        private Clock $clock,
        /** Whether the memory that the workers share is where the framework counts who begins carts. */
        private bool $areLimitsShared,
    ) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $before = $this->marks->ofAll();
        $response = $next($request);
        $led = $request->attributes->get(LedOn::class);
        if ($led instanceof LedOn && ($led->straight() === null || $this->areLimitsShared) && $request->getQueryString() === null && $request->getHost() === $led->placement->shop->host) {
            $mark = $this->marks->of($led->placement->shop_id);
            // What changed while it was answered is not known to be in the answer.
            if ($this->marks->ofAll() === $before) {
                $this->settings->keep();
                [$caller, $at] = [($this->caller)($request), $this->clock->seconds()];
                $this->kept->keep((string) $request->headers->get('host'), $request->getRequestUri(), $caller, $at, $mark, $led, Reply::of($response->prepare($request)));
            }
        }

        return $response;
    }
}
