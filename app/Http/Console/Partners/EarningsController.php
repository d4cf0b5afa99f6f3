<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChoiceResource;
use App\Http\Input;
use App\Models\Shop;
use App\PartnerReports\Earned;
use App\PartnerReports\EarningsBy;
use App\PartnerReports\ReadEarnings;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use PaperKite\Time\Day;
use PaperKite\Time\InvalidMoment;

/** What partners' sales brought: by place, product, marketplace or month, each currency by itself. */
final readonly class EarningsController
{
    private const PER_PAGE = 24;

    /** A year back, where nobody says since when. */
    private const MONTHS = 11;

    public function __construct(
        private ReadEarnings $read,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/earnings', operationId: 'earnings', summary: 'What partners’ sales brought', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'by', description: 'Left out: by month.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/EarningsBy')), new OA\Parameter(name: 'from', description: 'The first day; left out: a year back.', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'until', description: 'The last day; left out: today.', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(EarningsResource::class)]
    public function __invoke(Request $request, Shop $shop): JsonResponse
    {
        $by = EarningsBy::tryFrom(Input::text($request, 'by')) ?? EarningsBy::Month;
        $today = $this->clock->moment()->dayIn($shop->zone());
        $from = self::day($request, 'from') ?? Day::orMonthsLast($today->year, $today->month, 1)->plusMonths(-self::MONTHS);
        $until = self::day($request, 'until') ?? $today;
        $page = Paginator::resolveCurrentPage();
        [$rows, $total] = $this->read->page($shop, $by, $from, $until, $page, self::PER_PAGE);

        return response()->json(new EarningsResource(
            $this->named($shop, $by, $rows),
            array_map(static fn (EarningsBy $each) => new ChoiceResource($each->value, $each->label()), EarningsBy::cases()),
            $from->text(),
            $until->text(),
            $page,
            max(1, intdiv($total + self::PER_PAGE - 1, self::PER_PAGE)),
            $total,
        ));
    }

    /** What can't be read as a day is none: the address may be anybody's typing. */
    private static function day(Request $request, string $key): ?Day
    {
        try {
            return Day::read(Input::text($request, $key));
        } catch (InvalidMoment) {
            return null;
        }
    }

    /**
     * @param  list<Earned>  $rows
     * @return list<EarnedResource>
     */
    private function named(Shop $shop, EarningsBy $by, array $rows): array
    {
        $ids = array_map(static fn (Earned $row): int => (int) preg_replace('/\D+/', '', $row->key), $rows);
        $of = match ($by) {
            EarningsBy::Place => $this->placeName($shop, $rows),
            EarningsBy::Product => self::byId(DB::table('products')->where('shop_id', $shop->id)->whereIn('id', $ids)->pluck('name', 'id')->all(), 'No product of yours'),
            EarningsBy::Marketplace => self::byId(DB::table('marketplaces')->where('shop_id', $shop->id)->whereIn('id', $ids)->pluck('name', 'id')->all(), 'A marketplace that is gone'),
            EarningsBy::Month => static fn (string $key): string => (new \DateTimeImmutable("{$key}-01"))->format('F Y'),
        };

        return array_map(static fn (Earned $row) => EarnedResource::of($row, $of($row->key)), $rows);
    }

    /**
     * @param  array<mixed>  $names
     * @return \Closure(string): string
     */
    private static function byId(array $names, string $otherwise): \Closure
    {
        return static fn (string $key): string => is_string($names[(int) $key] ?? null) ? $names[(int) $key] : $otherwise;
    }

    /**
     * @param  list<Earned>  $rows
     * @return \Closure(string): string
     */
    private function placeName(Shop $shop, array $rows): \Closure
    {
        $numbers = static fn (string $kind): array => array_values(array_map(static fn (Earned $row): int => (int) substr($row->key, strlen($kind)), array_filter($rows, static fn (Earned $row): bool => str_starts_with($row->key, $kind))));
        $names = PlaceNames::read($shop, $numbers('place '), $numbers('label '));

        return static fn (string $key): string => match (true) {
            $key === 'nothing' => 'Not credited',
            str_starts_with($key, 'place ') => $names->of((int) substr($key, 6), 0, ''),
            str_starts_with($key, 'label ') => $names->of(0, (int) substr($key, 6), ''),
            default => $names->of(0, 0, ''),
        };
    }
}
