<?php
require __DIR__.'/../vendor/autoload.php';
use Zwindle\Read\{BoardReader,WiringReader,Problems};
foreach (glob('../shared/contract/examples/*.board.json') as $f) {
  $p=new Problems; $b=BoardReader::read(file_get_contents($f),$p);
  $w=WiringReader::read(file_get_contents(str_replace('.board.','.wiring.',$f)),$b,$p);
  $e=json_decode(file_get_contents(str_replace('.board.','.expect.',$f)),true);
  $t=microtime(true); $r=Zwindle\Check\Checker::check($w); $t=microtime(true)-$t;
  $a=Zwindle\Write\CheckArray::of($r);
  echo basename($f),' ',$a['verdict'],$a['verdict']===$e['verdict']?'':' DIFF '.$e['verdict'],' ',$a['scheme']??'null',($a['scheme']??null)===$e['scheme']?'':' DIFF '.$e['scheme'],' ',json_decode(json_encode($a['states']),true)==$e['states']?'ok':'STATES',' ',implode(',',array_column($a['findings'],'code')),sprintf(' %.1fms',$t*1000),"\n";
  foreach($a['findings'] as $x) echo '   ',json_encode($x),"\n";
}
