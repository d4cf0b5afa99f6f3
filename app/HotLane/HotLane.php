<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\TooManyCarts;
use App\Changes\Marks;
use App\Clicks\CountClick;
use App\Clicks\RecentClicks;
use App\Clicks\Straight;
use App\Database\Busy;
use App\Http\Shopper\ReadCaller;
use App\Http\Shopper\Visitor;
use App\Results\Spool;
use App\Time\Clock;
use Illuminate\Database\QueryException;
use PaperKite\Link\Visit;
use PDOException;

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

    /**
     * @param  array<mixed>  $server  as PHP is told of the request
     * @param  array<string, string>  $headers  by lower-case name
     * @param  array<mixed>  $cookies  by name
     * @return KeptAnswer|null the answer, once the click is counted; `null` where the framework has to give it
     */
    public function answer(array $server, array $headers, array $cookies): ?KeptAnswer
    {
        // Without its port; for what is written otherwise no answer is kept.
        $host = preg_match('/\A([0-9a-z.-]+)(?::[0-9]+)?\z/i', $headers['host'] ?? '', $found) === 1 ? strtolower($found[1]) : null;
        $address = $server['REQUEST_URI'] ?? null;
        if ($host === null || ! is_string($address) || ($server['REQUEST_METHOD'] ?? '') !== 'GET' || ($cookies !== [] && array_filter($cookies, is_array(...)) !== [])) {
            return null;
        }
        $caller = Visit::of('GET', $headers) === Visit::Navigation ? $this->caller->told($server, $headers, $this->settings->proxies) : null;
        $at = $this->clock->seconds();
        $kept = $caller === null ? null : $this->kept->find($host, $address, $caller, $at);
        if ($caller === null || $kept === null) {
            return null;
        }
        $visitor = Visitor::among($cookies, $this->settings->isOverTls);

        // Where the disk is full, the framework counts in the database, which may still have room.
        return $kept->straight !== null
            ? $this->added($kept, $kept->straight, $visitor ?? Visitor::new($this->settings->isOverTls), $caller)
            : ($this->count->ofLine($kept->line, $at, $kept->placementId, $visitor?->owner() ?? CartOwner::nobody(), $caller) ? $kept : null);
    }

    private function added(KeptAnswer $kept, Straight $way, Visitor $visitor, Caller $caller): ?KeptAnswer
    {
        $follow = Following::of($this->recent, $this->clock);
        try {
            return $follow === null ? null : $kept->leadingTo($follow->clicked($way, $visitor->owner(), $caller), $visitor->secret);
        } catch (TooManyCarts|Busy|QueryException) {
            // The transaction has ended without a trace: the framework does it anew, and says what is wrong.
            $this->recent->forget($way->placementId, $visitor->owner(), $caller);

            return null;
        } catch (PDOException) {
            return $kept->unsure();
        }
    }
}
