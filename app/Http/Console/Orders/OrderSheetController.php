<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\Shop;
use App\Orders\FilterOrders;
use App\Orders\OrderSheet;
use App\Time\Clock;
use Illuminate\Http\Request;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the list of orders shows, as a sheet (RFC 4180), sent row by row. */
final readonly class OrderSheetController
{
    /** By which spreadsheet programs know that the text is UTF-8. */
    private const MARK = "\u{FEFF}";

    public function __invoke(Request $request, Shop $shop, OrderSheet $sheet, Clock $clock): StreamedResponse
    {
        $orders = FilterOrders::of($shop, GoodsState::tryFrom(Input::text($request, 'state')), MoneyState::tryFrom(Input::text($request, 'money')));
        FindByWords::in($orders->getQuery(), 'orders.id', $shop, Kind::Order, Search::typed($request));
        $day = $clock->now()->setTimezone($shop->zone())->toDateString();

        return response()->streamDownload(static function () use ($sheet, $shop, $orders): void {
            $out = fopen('php://output', 'w') ?: throw new \RuntimeException('The answer can’t be written.');
            fwrite($out, self::MARK);
            foreach ($sheet->rows($shop, $orders) as $row) {
                fputcsv($out, $row, escape: '', eol: "\r\n");
            }
        }, "orders-{$day}.csv", ['Content-Type' => 'text/csv; charset=utf-8', 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'no-store']);
    }
}
