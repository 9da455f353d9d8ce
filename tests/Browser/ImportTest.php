<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;

const DUNSTAN = '/people/01900000-0000-7000-8000-000000000103';

/** A spreadsheet with one sheet, as small as one can be (ECMA-376), written by Python’s zipfile. */
function spreadsheet(string $file, array $rows): void
{
    $python = <<<'PY'
        import json, sys, zipfile
        from xml.sax.saxutils import escape
        rows = json.load(sys.stdin)
        cell = lambda at, v: f'<c r="{at}"><v>{v}</v></c>' if isinstance(v, (int, float)) else f'<c r="{at}" t="inlineStr"><is><t>{escape(v)}</t></is></c>'
        sheet = ''.join(f'<row r="{n}">' + ''.join(cell(f'{chr(65 + i)}{n}', v) for i, v in enumerate(row)) + '</row>' for n, row in enumerate(rows, 1))
        ns = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"'
        rel = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'
        pack = 'http://schemas.openxmlformats.org/package/2006'
        with zipfile.ZipFile(sys.argv[1], 'w', zipfile.ZIP_DEFLATED) as z:
            z.writestr('[Content_Types].xml', f'<Types xmlns="{pack}/content-types"><Default Extension="xml" ContentType="application/xml"/></Types>')
            z.writestr('_rels/.rels', f'<Relationships xmlns="{pack}/relationships"><Relationship Id="r" Type="{rel}/officeDocument" Target="xl/workbook.xml"/></Relationships>')
            z.writestr('xl/workbook.xml', f'<workbook {ns} xmlns:r="{rel}"><sheets><sheet name="Log" sheetId="1" r:id="r1"/></sheets></workbook>')
            z.writestr('xl/_rels/workbook.xml.rels', f'<Relationships xmlns="{pack}/relationships"><Relationship Id="r1" Type="{rel}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>')
            z.writestr('xl/worksheets/sheet1.xml', f'<worksheet {ns}><sheetData>{sheet}</sheetData></worksheet>')
        PY;
    $run = proc_open(['/usr/bin/python3', '-c', $python, $file], [['pipe', 'r']], $pipes);
    assert(is_resource($run));
    fwrite($pipes[0], (string) json_encode($rows));
    fclose($pipes[0]);
    expect(proc_close($run))->toBe(0);
}

it('brings a spreadsheet of another gym in, its names and exercises matched, and undoes it', function (): void {
    $file = sys_get_temp_dir().'/steady-rung-'.getmypid().'.xlsx';
    spreadsheet($file, [
        ['When', 'Who', 'Exercise', 'Reps', 'Assist (lb)'],
        ['2024-03-04', 'Dunny', 'Green rope', 9, 44],
        ['2024-03-04', 'Peel, Dunstan', 'Pull-up', 1, ''],
        ['2024-03-06', 'Dunny', 'Green rope', 'many', 44],
    ]);
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go('/people')->see('Aldith Farrow')->press('Bring in')->see('What is in the file?');
        expect($page->accessibilityViolations())->toBe([]);
        $page->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $page->see('1 set would come in, 2 lines would be left out.')->see('Nobody here is called “Dunny”.');
        expect($page->accessibilityViolations())->toBe([]);
        $page->choose('What Dunny is here', 'Dunstan Peel')->see('2 sets would come in, 1 line would be left out.')->see('“many” under reps is not a whole number.');
        $page->press('Bring in 2 sets')->see('2 sets came in.');
        expect($page->consoleErrors())->toBe([]);
        $page->go('/log?athlete='.basename(DUNSTAN).'&from=2024-03-01&to=2024-03-31')->see('Green rope')->see('Unassisted pull-up');
        $page->go('/imports')->see('2 sets came in, 1 line left out')->click(WebDriverBy::xpath("//li[contains(., 'steady-rung')]//button"), 'Undo');
        $page->see('2 sets came in, and was undone');
        $page->go('/log?athlete='.basename(DUNSTAN).'&from=2024-03-01&to=2024-03-31')->see('No sets match on these days.');
    } finally {
        $page->close();
        @unlink($file);
    }
});
