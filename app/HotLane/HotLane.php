<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Carts\TooManyCarts;
use App\Changes\Marks;
use App\Clicks\CountClick;
use App\Clicks\RecentClicks;
use App\Clicks\Straight;
use App\Database\Busy;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\RequestHeaders;
use App\Http\Shopper\Visitor;
use App\Http\TrustListedProxies;
use App\Results\Spool;
use App\Time\Clock;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\Visit;
use PDOException;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;

/**
 * Answers a click on a link that only leads on before the framework starts: with what the framework answered to the one
 * before it, and a line in the spool. It knows no rule of its own; whatever is not kept, or not simple, it leaves to the
 * framework, which gives the same answer and keeps it.
 */
final readonly class HotLane
{
    private function __construct(
        private Settings $settings,
        private KeptAnswers $kept,
        private ReadCaller $caller,
        private RecentClicks $recent,
        private CountClick $count,
        private Clock $clock,
    ) {}

    /** @return self|null `null` where the framework has not told it its settings yet */
    public static function open(): ?self
    {
        $settings = Settings::kept();
        if ($settings === null) {
            return null;
        }
        $clock = new Clock($settings->clockFile);
        $recent = new RecentClicks($settings->key, $settings->sameClickSeconds);

        return new self(
            $settings,
            new KeptAnswers(new Marks($settings->spool)),
            new ReadCaller($settings->key, $settings->countryHeader),
            $recent,
            new CountClick($recent, new Spool($settings->spool, $clock), $clock),
            $clock,
        );
    }

    /** @return KeptAnswer|null the answer, once the click is counted; `null` where the framework has to give it */
    public function answer(Request $request): ?KeptAnswer
    {
        try {
            $code = $request->isMethod('GET') ? self::codeIn($request->server->getString('REQUEST_URI')) : null;

            return $code === null || Visit::of('GET', RequestHeaders::of($request)) !== Visit::Navigation ? null : $this->click($request, $code);
        } catch (RequestExceptionInterface) {
            // What can't be read, the framework refuses.
            return null;
        }
    }

    private function click(Request $request, PlacementCode $code): ?KeptAnswer
    {
        if ($this->settings->proxies !== []) {
            TrustListedProxies::at($this->settings->proxies);
            (new TrustListedProxies)->handle($request, static fn (): Response => new Response);
        }
        $caller = ($this->caller)($request);
        $visitor = Visitor::by($request, $this->settings->isOverTls);
        $kept = $this->kept->find($request->getHost(), $code, $caller->country());
        if ($kept?->straight !== null) {
            return $this->added($kept, $kept->straight, $visitor, $caller);
        }

        // Where the disk is full, the framework counts in the database, which may still have room.
        return $kept !== null && ($this->count)($kept->placementId, $code->text, $visitor->owner(), $caller, $kept->lead) ? $kept : null;
    }

    private function added(KeptAnswer $kept, Straight $way, Visitor $visitor, Caller $caller): ?KeptAnswer
    {
        $follow = Following::of($this->settings, $this->recent, $this->clock);
        try {
            return $follow === null ? null : $kept->leadingTo($follow->clicked($way, $visitor->owner(), $caller), $visitor->cookie());
        } catch (TooManyCarts|Busy|QueryException) {
            // The transaction has ended without a trace: the framework does it anew, and says what is wrong.
            $this->recent->forget($way->placementId, $visitor->owner(), $caller);

            return null;
        } catch (PDOException) {
            return $kept->unsure();
        }
    }

    private static function codeIn(string $address): ?PlacementCode
    {
        return preg_match('~\A/[kK]/([0-9A-Za-z-]{1,40})\z~', $address, $found) === 1 ? PlacementCode::read($found[1]) : null;
    }
}
