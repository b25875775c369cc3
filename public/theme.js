// The night theme: remembered in this browser, set before anything is drawn.
const root = document.documentElement
const stored = localStorage.getItem('grelta-theme')
if (stored) root.dataset.theme = stored
addEventListener('DOMContentLoaded', () => {
  const button = document.getElementById('night')
  const show = () => button.setAttribute('aria-pressed', String(root.dataset.theme === 'night'))
  show()
  button.addEventListener('click', () => {
    root.dataset.theme = root.dataset.theme === 'night' ? 'day' : 'night'
    localStorage.setItem('grelta-theme', root.dataset.theme)
    show()
  })
})
