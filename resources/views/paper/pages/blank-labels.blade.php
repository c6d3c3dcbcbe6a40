@include('paper.labels', ['withAnswers' => false])
