<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChoiceResource;
use App\Http\Console\Shared\CountedPage;
use App\Http\Console\Shared\Page;
use App\Http\Input;
use App\Models\Marketplace;
use App\Models\PartnerReport;
use App\Models\PartnerSale;
use App\Models\Person;
use App\Models\ReportState;
use App\Models\Shop;
use App\PartnerReports\BeginReading;
use App\PartnerReports\ReportCounts;
use App\PartnerReports\ReportFiles;
use App\PartnerReports\StoreReport;
use App\PartnerReports\TakeBackReport;
use App\PartnerReports\UnusableReport;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Separator;
use PaperKite\Text\FormInput;

/** Marketplaces' reports of sales: taken in, their columns said once, read in the queue, looked at, taken back. */
final readonly class ReportController
{
    private const PER_PAGE = 20;

    private const FAULTS_SHOWN = 100;

    public function __construct(
        private StoreReport $store,
        private ConnectionInterface $db,
    ) {}

    #[OA\Get(path: '/shops/{shop}/reports', operationId: 'reports', summary: 'The reports of marketplaces', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(ReportListResource::class)]
    public function list(Shop $shop): JsonResponse
    {
        $page = CountedPage::of(PartnerReport::query()->where('partner_reports.shop_id', $shop->id)->with('marketplace')->orderByDesc('partner_reports.id'), self::PER_PAGE);
        $counts = ReportCounts::read($this->db, array_values(array_map(static fn (PartnerReport $report): int => $report->id, $page->items())));

        return response()->json(new ReportListResource(
            array_values(array_map(static fn (PartnerReport $report) => ReportResource::of($report, $counts[$report->id]), $page->items())),
            array_values(Marketplace::query()->where('shop_id', $shop->id)->orderBy('name')->get()->map(static fn (Marketplace $marketplace) => new ChoiceResource((string) $marketplace->id, $marketplace->name))->all()),
            Page::of($page),
        ));
    }

    #[OA\Post(path: '/shops/{shop}/reports', operationId: 'uploadReport', summary: 'Upload a report', description: 'Nothing of it counts before its columns are said.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['report', 'marketplace'], properties: [new OA\Property(property: 'report', type: 'string', format: 'binary'), new OA\Property(property: 'marketplace', description: 'Its id.', type: 'string')])))]
    #[Answer(OpenReportResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function upload(Request $request, Shop $shop): JsonResponse
    {
        $marketplace = Marketplace::query()->where('shop_id', $shop->id)->with('partner')->find((int) Input::text($request, 'marketplace')) ?? throw ValidationException::withMessages(['marketplace' => 'Choose the marketplace that the report is of.']);
        $upload = $request->file('report');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw ValidationException::withMessages(['report' => 'The report did not arrive; it may be larger than 10 MB.']);
        }
        $person = $request->user();
        try {
            $report = ($this->store)($marketplace, $upload->getPathname(), $upload->getClientOriginalName(), $person instanceof Person ? $person : null);
        } catch (UnusableReport $unusable) {
            throw ValidationException::withMessages(['report' => $unusable->getMessage()]);
        }

        return response()->json(OpenReportResource::of($report, $this->store->start($report)), 201);
    }

    #[OA\Get(path: '/shops/{shop}/reports/{report}/columns', operationId: 'openReport', summary: 'A report whose columns are still to be said', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report')])]
    #[Answer(OpenReportResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function open(Shop $shop, PartnerReport $report): JsonResponse
    {
        $this->mustBeNew($report);

        try {
            return response()->json(OpenReportResource::of($report->load('marketplace'), $this->store->start($report)));
        } catch (UnusableReport $unusable) {
            throw ValidationException::withMessages(['report' => $unusable->getMessage()]);
        }
    }

    #[OA\Post(path: '/shops/{shop}/reports/{report}/trial', operationId: 'tryReport', summary: 'Try columns on a report', description: 'Says what is read of its first rows. How it is written is kept, its columns are not.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ReportLayout'))]
    #[Answer(ReportTrialResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function try(Request $request, Shop $shop, PartnerReport $report): JsonResponse
    {
        $this->mustBeNew($report->load('marketplace.partner'));
        $typed = FormInput::of($request->all());
        [$encoding, $separator] = [Encoding::tryFrom($typed->text('encoding')) ?? $report->encoding, Separator::tryFrom($typed->text('separator')) ?? $report->separator];
        try {
            if ($encoding !== $report->encoding || $separator !== $report->separator) {
                $this->store->again($report, $encoding, $separator);
            }

            return response()->json(ReportTrialResource::of($report, $this->store->start($report), ReportLayoutResource::read($typed)));
        } catch (UnusableReport $unusable) {
            throw ValidationException::withMessages(['separator' => $unusable->getMessage()]);
        }
    }

    #[OA\Post(path: '/shops/{shop}/reports/{report}/read', operationId: 'readReport', summary: 'Read a report', description: 'By these columns, which are remembered for the partner’s next report; in the queue.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ReportLayout'))]
    #[Answer(ReportResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function read(Request $request, Shop $shop, PartnerReport $report, BeginReading $begin): JsonResponse
    {
        if ($report->state === ReportState::New) {
            $layout = ReportLayoutResource::read(FormInput::of($request->all()));
            $errors = $layout->errors($report->header);
            if ($errors !== []) {
                throw ValidationException::withMessages($errors);
            }
            $begin($report, $layout);
        }

        return response()->json($this->told($report->refresh()->load('marketplace')));
    }

    #[OA\Get(path: '/shops/{shop}/reports/{report}', operationId: 'report', summary: 'What was read of a report', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(ReportRowsResource::class)]
    public function show(Shop $shop, PartnerReport $report): JsonResponse
    {
        $sales = PartnerSale::query()->where('partner_sales.report_id', $report->id)->with('marketplace');
        $sales->orderByRaw("FIELD(partner_sales.credited_by, 'nothing', 'unsure', 'item', 'sub_id')")->orderBy('partner_sales.row_number');
        $page = CountedPage::of($sales, self::PER_PAGE);
        $names = PlaceNames::ofSales($shop, $page->items());
        $faults = $this->db->table('partner_report_faults')->where('report_id', $report->id)->orderBy('is_totals')->orderBy('row_number')->limit(self::FAULTS_SHOWN)->get();

        return response()->json(new ReportRowsResource(
            $this->told($report->load('marketplace')),
            array_values(array_map(static fn (PartnerSale $sale) => SaleResource::of($sale, $names), $page->items())),
            array_values($faults->map(static function (object $fault): FaultResource {
                /** @var object{row_number: int, sentence: string, cells: string, is_totals: int} $fault */
                return new FaultResource($fault->row_number, $fault->sentence, $fault->cells, $fault->is_totals === 1);
            })->all()),
            Page::of($page),
        ));
    }

    #[OA\Post(path: '/shops/{shop}/reports/{report}/back', operationId: 'takeReportBack', summary: 'Take a report back, or let it count again', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['is_back'], properties: [new OA\Property(property: 'is_back', description: 'Whether it is taken back.', type: 'boolean')], type: 'object'))]
    #[Answer(ReportResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function takeBack(Request $request, Shop $shop, PartnerReport $report, TakeBackReport $takeBack): JsonResponse
    {
        $request->validate(['is_back' => ['required', 'boolean']]);
        $takeBack($report, $request->boolean('is_back'));

        return response()->json($this->told($report->refresh()->load('marketplace')));
    }

    #[OA\Delete(path: '/shops/{shop}/reports/{report}', operationId: 'dropReport', summary: 'Drop a report that was not read', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/report')])]
    #[OA\Response(response: 204, description: 'It is gone.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function drop(Shop $shop, PartnerReport $report, ReportFiles $files): JsonResponse
    {
        $this->mustBeNew($report);
        $report->delete();
        $files->remove($report->file);

        return response()->json(null, 204);
    }

    private function told(PartnerReport $report): ReportResource
    {
        return ReportResource::of($report, ReportCounts::read($this->db, [$report->id])[$report->id]);
    }

    private function mustBeNew(PartnerReport $report): void
    {
        if ($report->state !== ReportState::New) {
            throw ValidationException::withMessages(['report' => 'This report is read already; take it back instead.']);
        }
    }
}
