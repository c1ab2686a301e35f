@php
    /** @var \App\Words\Say $say */
    $svg = fn(string $drawing): string => 'data:image/svg+xml;base64,'.base64_encode($drawing);
@endphp
<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8">
<title>{{ $visit['dog']['name'] }}, {{ $say->dayAndYear($visit['arrivedAt']) }}</title>
<style>
  @page { margin: 14mm 14mm 18mm; }
  body { font-family: atkinson, 'atkinson ext', 'dejavu sans', sans-serif; font-size: 9.5pt; line-height: 1.1; color: #12343b; }
  .head { width: 100%; border-bottom: 1.6pt solid #12343b; }
  .head td { padding-bottom: 3pt; vertical-align: bottom; }
  .name { font-family: alegreya, 'alegreya ext', 'dejavu serif', serif; font-style: italic; font-size: 20pt; line-height: 1; }
  .salon { text-align: right; font-weight: bold; }
  .quiet { color: #44595b; font-weight: normal; }
  .note { font-size: 8.5pt; line-height: 1.05; }
  h2 { font-size: 11pt; margin: 9pt 0 2pt; page-break-after: avoid; }
  p { margin: 3pt 0; }
  table { border-collapse: collapse; }
  .charts { width: 100%; margin-top: 6pt; }
  .charts td { width: 50%; text-align: center; vertical-align: top; }
  .charts img { width: 74mm; }
  .caption { font-weight: bold; font-size: 10.5pt; text-align: left; }
  .rows { width: 100%; }
  .rows th { text-align: left; font-weight: normal; color: #44595b; font-size: 8.5pt; padding: 0 6pt 2pt 0; }
  .rows td { border-top: 0.6pt solid #d8cdb6; padding: 3pt 6pt 3pt 0; vertical-align: top; }
  .rows tr { page-break-inside: avoid; }
  .rows img { width: 15pt; vertical-align: middle; }
  .decided td { padding: 1pt 8pt 1pt 0; vertical-align: top; }
  .decided .when { color: #44595b; white-space: nowrap; }
  .photos { width: 100%; margin-top: 2pt; }
  .photos td { width: 25%; padding: 0 6pt 6pt 0; vertical-align: top; font-size: 8.5pt; }
  .photos img { max-width: 42mm; max-height: 42mm; }
  .photos tr { page-break-inside: avoid; }
  .sign { width: 100%; margin-top: 24pt; page-break-inside: avoid; }
  .sign td { width: 46%; vertical-align: bottom; font-size: 8.5pt; }
  .sign .gap { width: 8%; }
  .sign .line { border-top: 0.8pt solid #12343b; padding-top: 2pt; }
  .foot { position: fixed; bottom: -11mm; left: 0; right: 0; font-size: 8pt; color: #44595b; }
  .foot td { font-size: 8pt; }
  .page { text-align: right; }
  .page:after { content: counter(page); }
</style>
</head>
<body>
<table class="foot" style="width: 100%"><tr>
  <td>{{ $salon->name }} · {{ $visit['dog']['name'] }}, {{ $say->dayAndYear($visit['arrivedAt']) }}</td>
  <td class="page"></td>
</tr></table>

<table class="head"><tr>
  <td><span class="name">{{ $visit['dog']['name'] }}</span>, {{ $say->dayAndYear($visit['arrivedAt']) }}</td>
  <td class="salon">{{ $salon->name }}@if ($salon->phone)<br><span class="quiet">{{ $salon->phone }}</span>@endif</td>
</tr></table>
<p>{{ $say->t('record.print.dog', [
    'breed' => $visit['dog']['breed'],
    'age' => $say->age($visit['dog']['ageMonths']),
    'weight' => $say->kg((float) $visit['dog']['weightKg']),
    'client' => $visit['dog']['client']['name'],
    'people' => $people,
    'load' => (string) (int) round($visit['summary']['matLoad']),
]) }} @foreach ($work as $index => $words)@if ($index % 2)<b>{{ $words }}</b>@else{{ $words }}@endif{{ '' }}@endforeach</p>

<table class="charts"><tr>
  @foreach ($charts as [$caption, $drawing])
    <td><div class="caption">{{ $say->start($caption) }}</div><img src="{{ $svg($drawing) }}" alt="{{ $caption }}"></td>
  @endforeach
</tr></table>

<table class="rows">
  <thead><tr>
    <th>{{ $say->t('record.found.found') }}</th><th>{{ $say->t('record.found.where') }}</th><th>{{ $say->t('record.found.planned') }}</th>
  </tr></thead>
  @foreach ($found as $row)
    <tr>
      <td style="width: 22%"><img src="{{ $svg(\App\Transfer\Sheets\CoatDrawing::swatch($row['grade'])) }}" alt="">&nbsp;
        <b>{{ $row['grade'] === null ? $say->t('coat.notChecked') : $say->grade($row['grade']) }}</b></td>
      <td>{{ count($found) === 1 ? $say->t('record.found.all') : (count($row['sections']) > 12 && $row['grade'] !== null && $row['grade'] < 2
          ? $say->t('record.found.others', ['count' => (string) count($row['sections'])])
          : $say->sections($row['sections'])) }}</td>
      <td style="width: 36%">{{ $row['done'] }}@if ($row['why'])<br><span class="quiet note">{{ $row['why'] }}</span>@endif</td>
    </tr>
  @endforeach
</table>

<h2>{{ $say->t('record.decided') }}</h2>
@if ($decisions === [])
  <p>{{ $say->t('record.nothingDecided') }}</p>
@else
  <table class="decided">
    @foreach ($decisions as $mark)
      <tr>
        <td class="when">{{ $say->moment($mark['at'], $visit['arrivedAt']) }}</td>
        <td><b>{{ $mark['decision']['what'] }}</b>{{ $mark['decision']['why'] === '' ? '' : ', '.$mark['decision']['why'] }}.
          <span class="quiet">{{ $mark['by'] }}</span></td>
      </tr>
    @endforeach
  </table>
@endif

@if ($findings !== [])
  <h2>{{ $say->t('record.watch') }}</h2>
  @foreach ($findings as $finding)
    <p>* <b>{{ $finding['name'] }}.</b> {{ $finding['note'] }} <b>{{ $finding['referral'] }}</b> {{ $finding['care'] }}
      <span class="quiet">{{ $finding['by'] }}</span></p>
  @endforeach
@endif

@if ($photos !== [])
  <h2>{{ $say->t('record.photos') }}</h2>
  <table class="photos">
    @foreach (array_chunk($photos, 4) as $four)
      <tr>
        @foreach ($four as $photo)
          <td><img src="{{ $photo['picture'] }}" alt=""><br>{{ $say->start($say->t('device.momentChoices.'.$photo['moment'])) }}@if ($photo['section']),
            {{ $say->sections([$photo['section']]) }}@endif</td>
        @endforeach
        @for ($empty = count($four); $empty < 4; $empty++)<td></td>@endfor
      </tr>
    @endforeach
  </table>
  @if ($morePhotos > 0)<p class="note">{{ $say->t('record.sheet.morePhotos', ['count' => $morePhotos]) }}</p>@endif
@endif

<p class="note quiet" style="margin-top: 9pt">{{ $say->t('record.print.grades', [
    'thumb' => $say->t('device.rulesOfThumb'),
    'notVeterinary' => $say->t('device.notVeterinary'),
]) }}</p>

<table class="sign"><tr>
  <td></td><td class="gap"></td>
  <td>@if ($signature)<img style="height: 34pt" alt="{{ $say->t('record.print.signature') }}" src="{{ $svg(
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 90" width="300" height="90"><path d="'.e($signature)
    .'" fill="none" stroke="#12343b" stroke-width="3" stroke-linecap="round"/></svg>') }}">@endif</td>
</tr><tr>
  <td class="line">{{ $say->t('record.print.groomerDate') }}</td><td class="gap"></td>
  <td class="line">{{ $say->t('record.print.nameDate', ['name' => $visit['dog']['client']['name']]) }}</td>
</tr></table>
</body>
</html>
