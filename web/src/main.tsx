document.body.textContent="hi"
